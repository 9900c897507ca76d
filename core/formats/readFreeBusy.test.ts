import { readCalendar } from './readCalendar';

const file = (...lines: string[]) =>
  ['BEGIN:VCALENDAR', 'BEGIN:VFREEBUSY', ...lines, 'END:VFREEBUSY', 'END:VCALENDAR'].join('\r\n');
const read = (...lines: string[]) => readCalendar(file(...lines), 'Europe/London');
const told = (...lines: string[]) =>
  read(...lines).calendars[0]?.events.map(({ title, start, length }) => [
    title,
    start.wall,
    length.seconds / 60,
  ]);

test('busy times come in as periods with an end or a length, and free ones do not', () => {
  expect(
    told(
      'FREEBUSY:20261124T140000Z/20261124T153000Z,20261125T090000Z/PT45M',
      'FREEBUSY;FBTYPE=BUSY-UNAVAILABLE:20261126T000000Z/P1D',
      'FREEBUSY;FBTYPE=BUSY-TENTATIVE:20261127T100000Z/PT1H',
      'FREEBUSY;FBTYPE=FREE:20261128T100000Z/PT1H',
    ),
  ).toEqual([
    ['Busy', '2026-11-24T14:00:00', 90],
    ['Busy', '2026-11-25T09:00:00', 45],
    ['Away', '2026-11-26T00:00:00', 1440],
    ['Tentative', '2026-11-27T10:00:00', 60],
  ]);
});

test.each([
  'FREEBUSY:20261324T140000Z/PT1H',
  'FREEBUSY:20261124T140000/PT1H',
  'FREEBUSY:20261124T140000Z/20261124T130000Z',
  'FREEBUSY:20261124T140000Z/PT0S',
  'FREEBUSY:20261124T140000Z/20269924T130000Z',
  'FREEBUSY:20261124T140000Z/P99999999D',
  'FREEBUSY:<script>',
])('%s is named with its line and left out, and the rest comes in', (line) => {
  const { calendars, problems } = read(line, 'FREEBUSY:20261124T140000Z/PT1H');
  expect(calendars[0]?.events.length).toBe(1);
  expect(problems).toMatchObject([{ where: 3, hint: 'It was left out.' }]);
});

test('beside events it is kept as it came', () => {
  const text = file('FREEBUSY:20261124T140000Z/PT1H').replace(
    'END:VCALENDAR',
    ['BEGIN:VEVENT', 'UID:a', 'DTSTART:20261124T140000Z', 'END:VEVENT', 'END:VCALENDAR'].join('\r\n'),
  );
  const [calendar] = readCalendar(text, 'Europe/London').calendars;
  expect(calendar?.events.map(({ uid }) => uid)).toEqual(['a']);
  expect(calendar?.kept).toContain('BEGIN:VFREEBUSY');
});
