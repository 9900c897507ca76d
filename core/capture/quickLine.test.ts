import * as fc from 'fast-check';
import { american, reader, understood } from '../fixtures/quickReader';
import { bounds, shortened } from '../model/bounds';
import { readLine } from './quickLine';

test.each([
  ['Read the gauges', 'Read the gauges'],
  // when
  ['Read the gauges tomorrow', 'Read the gauges | when 2026-11-25'],
  ['Tomorrow read the gauges', 'read the gauges | when 2026-11-25'],
  ['Call Ines tomorrow about the weir', 'Call Ines about the weir | when 2026-11-25'],
  ['Call Ines today', 'Call Ines | when 2026-11-24'],
  ['Thu 14:30 call the council', 'call the council | when 2026-11-26 14:30'],
  ['Call the council Thu 14:30', 'Call the council | when 2026-11-26 14:30'],
  ['Call the council at 14:30', 'Call the council | when 2026-11-24 14:30'],
  ['Call the council tomorrow 9', 'Call the council | when 2026-11-25 09:00'],
  ['Call the council tomorrow at 9am', 'Call the council | when 2026-11-25 09:00'],
  ['Call the council tomorrow, 9:15', 'Call the council | when 2026-11-25 09:15'],
  ['Call the council on Friday', 'Call the council | when 2026-11-27'],
  ['Call the council next Monday', 'Call the council | when 2026-11-30'],
  ['Survey reach 4 in 2 weeks', 'Survey reach 4 | when 2026-12-08'],
  ['Survey reach 4 in three days', 'Survey reach 4 | when 2026-11-27'],
  ['Order willow cuttings 3 Dec', 'Order willow cuttings | when 2026-12-03'],
  ['Order willow cuttings 3 December at 10:00', 'Order willow cuttings | when 2026-12-03 10:00'],
  ['Order willow cuttings 2026-12-03', 'Order willow cuttings | when 2026-12-03'],
  ['Order willow cuttings 4/12', 'Order willow cuttings | when 2026-12-04'],
  // length
  ['Read the gauges 45m', 'Read the gauges | length 45 min'],
  ['Read the gauges 1h30', 'Read the gauges | length 1 h 30'],
  ['Read the gauges 1.5h', 'Read the gauges | length 1 h 30'],
  ['Read the gauges, 20 min', 'Read the gauges | length 20 min'],
  ['Read the gauges for two hours', 'Read the gauges | length 2 h'],
  ['Read the gauges for half an hour', 'Read the gauges | length 30 min'],
  ['Read the gauges for an hour tomorrow', 'Read the gauges | length 1 h | when 2026-11-25'],
  ['45m read the gauges', 'read the gauges | length 45 min'],
  // due
  ['Permit letter by Friday 17:00', 'Permit letter | due 2026-11-27 17:00'],
  ['Permit letter by Friday', 'Permit letter | due 2026-11-27'],
  ['Permit letter due 3 Dec', 'Permit letter | due 2026-12-03'],
  ['Permit letter due on Monday', 'Permit letter | due 2026-11-30'],
  ['By Friday permit letter', 'permit letter | due 2026-11-27'],
  ['Permit letter tomorrow by Friday', 'Permit letter | when 2026-11-25 | due 2026-11-27'],
  [
    'Permit letter tomorrow 10:00 for 45m by Friday 17:00',
    'Permit letter | when 2026-11-25 10:00 | length 45 min | due 2026-11-27 17:00',
  ],
  // needed by a meeting
  ['Print the drawings before the Weir hearing', 'Print the drawings | before Weir hearing@2026-11-25'],
  ['Slides before team week tomorrow', 'Slides | before Team week@2026-11-30 | when 2026-11-25'],
  // repeats
  ['Read the gauges every weekday', 'Read the gauges | repeat week 1 1,2,3,4,5'],
  ['Read the gauges every day at 9:00', 'Read the gauges | repeat day 1 | when 2026-11-25 09:00'],
  ['Read the gauges every other Tuesday', 'Read the gauges | repeat week 2 2'],
  ['Read the gauges every Mon and Thu', 'Read the gauges | repeat week 1 1,4'],
  [
    'Read the gauges every Monday, Wednesday and Friday 30m',
    'Read the gauges | repeat week 1 1,3,5 | length 30 min',
  ],
  ['Order jars every 2 weeks', 'Order jars | repeat week 2'],
  ['Order jars every three months in Grants', 'Order jars | repeat month 3 | list Grants'],
  ['Board minutes on the last Friday of each month', 'Board minutes | repeat month 1 nth -1'],
  // priority and energy
  ['Renew the licence, urgent', 'Renew the licence | priority urgent'],
  ['Renew the licence urgent by Friday', 'Renew the licence | priority urgent | due 2026-11-27'],
  ['Renew the licence high priority', 'Renew the licence | priority high'],
  ['Sort the photos low priority', 'Sort the photos | priority low'],
  ['Sort the photos, not important', 'Sort the photos | priority low'],
  ['Report, section 3 needs sharp hours', 'Report, section 3 | energy sharp'],
  ['Sort the photos light work', 'Sort the photos | energy light'],
  // list and category
  ['Outline of the report in Grants', 'Outline of the report | list Grants'],
  ['Outline of the report in list Grants', 'Outline of the report | list Grants'],
  ['Sample jars list Field surveys', 'Sample jars | list Field surveys'],
  ['Outline category Writing', 'Outline | category Writing'],
  [
    'Outline of the report 2h Thu 9:00 in Grants category Writing by 4 Dec, urgent',
    'Outline of the report | length 2 h | when 2026-11-26 09:00 | list Grants | category Writing | due 2026-12-04 | priority urgent',
  ],
])('“%s” is understood', (line, meaning) => {
  expect(understood(line)).toBe(meaning);
});

test.each([
  'Read May’s report',
  "Read May's report",
  'Call 3 growers',
  'Plan B for the Monday team',
  'Second draft',
  'Order 2 m of rope',
  'Order 20 m from the chandler',
  'Walk the 5 hour loop',
  'March on the town hall',
  'Meet in the Grants office',
  'A list of permits',
  'Urgent care of the boat',
  'Reply to the council of last Tuesday',
  'What we found since Friday',
  'Every Friday lunch',
  'Room 14',
  'Chapter 3',
  'Survey of 2024',
  'Compare 10% and 20%',
  'Stand by the river',
  'Buy by the dozen',
  'A day in the field',
  'Second hand waders',
  'Light bulbs for the shed',
  'The important thing about eels',
  'Tidy up before the storm',
  'Every day matters',
  'Every other page of the report',
  'Every Tuesday volunteer gets a badge',
  'What was said in the Weir hearing',
])('“%s” is a title and nothing else', (line) => {
  expect(understood(line)).toBe(line);
});

test('days are read as the locale writes them', () => {
  expect(understood('Order willow cuttings 4/12', american)).toContain('when 2027-04-12');
});

test('what is taken back goes into the title with its words', () => {
  const line = 'Call the council tomorrow 45m';
  const [first] = readLine(line, reader).chips;
  expect(readLine(line, reader, [first?.from ?? 0]).title).toBe('Call the council tomorrow');
});

const pieces = [
  'Read the gauges',
  'tomorrow',
  'Thu 14:30',
  '45m',
  'by Friday',
  'urgent',
  'in Grants',
  'of',
  'May',
  '’s',
  '3',
  ',',
  '  ',
  'Ünïcode 🦦',
  'at',
  'for two hours',
];

const words = fc.oneof(
  fc.constantFrom(...pieces),
  fc.constantFrom(
    'every',
    'other',
    'the',
    'last',
    'first',
    'of',
    'month',
    'not before',
    'in 2',
    'weeks',
    '1h',
    '30',
    ':',
    '31 Feb',
  ),
  fc.constantFrom(
    '2026-11-',
    '99999999999',
    '1e9',
    '\u0000',
    '\u202e',
    '\ud800',
    '(',
    '[a-z]+$',
    '\\',
    '.*',
    '٣',
    '１２:３０',
  ),
  fc.string({ maxLength: 6 }),
);

test('no line makes the reader fail, and the longest that can be typed is read as a short one is', () => {
  fc.assert(
    fc.property(fc.array(words, { maxLength: 30 }), fc.nat(40), fc.boolean(), (parts, times, isAmerican) => {
      const line = shortened(parts.join(' ').repeat(times), bounds.title);
      const { chips } = readLine(line, isAmerican ? american : reader);
      for (const { from, to } of chips) expect(to - from).toBeGreaterThan(0);
    }),
    { numRuns: 300 },
  );
});

test('whatever is typed, title and chips have all its words, in order, and no chip lies over another', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.array(fc.constantFrom(...pieces), { maxLength: 9 }).map((all) => all.join(' ')),
        fc.string(),
      ),
      (line) => {
        const { title, chips } = readLine(line, reader);
        const wordsOf = (text: string) => text.split(/[^\p{L}\p{N}]+/u).filter(Boolean);
        const all = [title, ...chips.map(({ from, to }) => line.slice(from, to))].flatMap(wordsOf);
        expect(all.sort()).toEqual(wordsOf(line).sort());
        chips.forEach(({ from, to }, i) => {
          expect(from).toBeLessThan(to);
          expect(from).toBeGreaterThanOrEqual(chips[i - 1]?.to ?? 0);
        });
        expect(new Set(chips.map(({ kind }) => kind)).size).toBe(chips.length);
      },
    ),
  );
});
