import * as fc from 'fast-check';
import { at, task, zone } from '../fixtures/make';
import { american, reader, understood } from '../fixtures/quickReader';
import { Priority, type Task } from '../model/task';
import { newTask } from '../tasks/newTask';
import { quickTaskOf } from './quickTask';
import { readLine } from './quickLine';
import { lineOf } from './writeLine';

/** Lines whose meaning is the same however a locale writes days. */
test.each([
  // days that are told by where they lie
  ['Send the figures at the end of the month', 'Send the figures | when 2026-11-30'],
  ['Send the figures by the end of the month', 'Send the figures | due 2026-11-30'],
  ['Send the figures end of month', 'Send the figures | when 2026-11-30'],
  ['Send the figures by end of next month', 'Send the figures | due 2026-12-31'],
  ['Tidy the shed by the end of the week', 'Tidy the shed | due 2026-11-27'],
  ['Tidy the shed end of next week', 'Tidy the shed | when 2026-12-04'],
  ['Survey plan first Monday of March', 'Survey plan | when 2027-03-01'],
  ['Survey plan on the last Friday of January', 'Survey plan | when 2027-01-29'],
  ['Survey plan by the second Tuesday of next month', 'Survey plan | due 2026-12-08'],
  ['Survey plan third Thursday of December, 2h', 'Survey plan | when 2026-12-17 | length 2 h'],
  ['Survey plan first Monday of November', 'Survey plan | when 2027-11-01'],
  ['Survey plan last Monday of this month', 'Survey plan | when 2026-11-30'],
  // from when on
  ['Order seed not before Monday', 'Order seed | notBefore 2026-11-30'],
  ['Order seed not before 3 Dec 9:00', 'Order seed | notBefore 2026-12-03 09:00'],
  ['Order seed not until tomorrow, 20m', 'Order seed | notBefore 2026-11-25 | length 20 min'],
  ['Order seed not before Monday by Friday 4 Dec', 'Order seed | notBefore 2026-11-30 | due 2026-12-04'],
  ['Order seed not before the first Monday of March', 'Order seed | notBefore 2027-03-01'],
  // hours
  ['Call the quarry at 3pm', 'Call the quarry | when 2026-11-24 15:00'],
  ['Call the quarry at 9:30 am', 'Call the quarry | when 2026-11-25 09:30'],
  ['Call the quarry tomorrow 2pm 15m', 'Call the quarry | when 2026-11-25 14:00 | length 15 min'],
  ['Call the quarry Friday at noon', 'Call the quarry | when 2026-11-27 12:00'],
  ['Call the quarry on Wed 16:15', 'Call the quarry | when 2026-11-25 16:15'],
  ['Sunday 10:00 walk the reach', 'walk the reach | when 2026-11-29 10:00'],
  ['Walk the reach in an hour', 'Walk the reach | when 2026-11-24 12:20'],
  // days
  ['Walk the reach Saturday', 'Walk the reach | when 2026-11-28'],
  ['Walk the reach this Friday', 'Walk the reach | when 2026-11-27'],
  ['Walk the reach in 10 days', 'Walk the reach | when 2026-12-04'],
  ['Walk the reach in one week', 'Walk the reach | when 2026-12-01'],
  ['Walk the reach December 3', 'Walk the reach | when 2026-12-03'],
  ['Walk the reach Dec 3 10am', 'Walk the reach | when 2026-12-03 10:00'],
  ['Walk the reach 1 January', 'Walk the reach | when 2027-01-01'],
  ['Walk the reach day after tomorrow', 'Walk the reach | when 2026-11-26'],
  // lengths
  ['Walk the reach 2 hours', 'Walk the reach | length 2 h'],
  ['Walk the reach 90m', 'Walk the reach | length 1 h 30'],
  ['Walk the reach 1 h 15 min', 'Walk the reach | length 1 h 15'],
  ['Walk the reach 2h30m', 'Walk the reach | length 2 h 30'],
  ['Walk the reach, half an hour', 'Walk the reach | length 30 min'],
  ['Walk the reach for ten minutes', 'Walk the reach | length 10 min'],
  ['Walk the reach for 1,5 h', 'Walk the reach | length 1 h 30'],
  // due
  ['Licence by tomorrow', 'Licence | due 2026-11-25'],
  ['Licence no later than Friday', 'Licence | due 2026-11-27'],
  ['Licence due tomorrow 17:00 30m', 'Licence | due 2026-11-25 17:00 | length 30 min'],
  ['Licence due by 1 Dec, high priority', 'Licence | due 2026-12-01 | priority high'],
  ['Licence by end of May', 'Licence | due 2027-05-31'],
  // needed by
  ['Maps before Weir hearing', 'Maps | before Weir hearing@2026-11-25'],
  ['Maps before the team week 1h', 'Maps | before Team week@2026-11-30 | length 1 h'],
  // repeats
  ['Gauges every day', 'Gauges | repeat day 1'],
  ['Gauges every week', 'Gauges | repeat week 1'],
  ['Gauges every Sunday 10m', 'Gauges | repeat week 1 7 | length 10 min'],
  ['Gauges every Tuesday and Friday in Field surveys', 'Gauges | repeat week 1 2,5 | list Field surveys'],
  ['Gauges on the first Monday of each month', 'Gauges | repeat month 1 nth 1'],
  ['Gauges every month', 'Gauges | repeat month 1'],
  ['Gauges every year', 'Gauges | repeat year 1'],
  // what it is like
  ['Photos, low priority, in Permits', 'Photos | priority low | list Permits'],
  ['Photos category Fieldwork 25m', 'Photos | category Fieldwork | length 25 min'],
  ['Photos in the list Grants', 'Photos | list Grants'],
  ['Photos urgent in Grants', 'Photos | priority urgent | list Grants'],
  ['Budget needs sharp hours 2h by Friday', 'Budget | energy sharp | length 2 h | due 2026-11-27'],
])('“%s” is understood alike in en-GB and en-US', (line, meaning) => {
  expect([understood(line), understood(line, american)]).toEqual([meaning, meaning]);
});

test.each([
  ['Walk the reach 4/12', '2026-12-04', '2027-04-12'],
  ['Walk the reach 12/4', '2027-04-12', '2026-12-04'],
  ['Walk the reach 3/12/2026', '2026-12-03', '2027-03-12'],
  ['Walk the reach 25/12', '2026-12-25', '2026-12-25'],
])('“%s” is day first in en-GB and month first in en-US', (line, british, us) => {
  const dates = [reader, american].map((as) => understood(line, as).split('| when ')[1]);
  if (line.endsWith('2026')) expect(dates[0]).toBe(british);
  else expect(dates).toEqual([british, us]);
});

test.each([
  'The end of the road',
  'End of May report',
  'The first Monday team',
  'Not before time',
  'Due diligence on the quarry',
  'By hand',
  'In good order',
  'Half of the hours',
  'Check the 24 hour gauge',
  'Ask 2 people',
  'Version 2 of the map',
  'Urgent repairs: list them',
  'High water marks',
  'Friday’s notes',
  'Number 45',
  'Every weekday traffic count',
  'A category of its own',
  'The last of the gravel',
  'On the March minutes',
  'Second reading of the draft',
])('“%s” is a title and nothing else, in both', (line) => {
  expect([understood(line), understood(line, american)]).toEqual([line, line]);
});

test('a list or a category that is not there is told, and stays in the title', () => {
  const { title, missing } = readLine('Sample jars list Otters', reader);
  expect([title, missing]).toEqual(['Sample jars list Otters', { kind: 'list', name: 'Otters' }]);
  expect(readLine('Outline category Field trips by Friday', reader).missing).toEqual({
    kind: 'category',
    name: 'Field trips',
  });
  expect(readLine('Outline in list Grants', reader).missing).toBeNull();
  expect(readLine('Make a list of jars', reader).missing).toBeNull();
});

const arbitraryTask = fc
  .record({
    title: fc.constantFrom('Read the gauges', 'Letter to the weir owner', 'Eel counts', 'Ünïcode 🦦 map'),
    estimate: fc.option(fc.integer({ min: 1, max: 1200 })),
    priority: fc.constantFrom(...Priority.options),
    due: fc.option(
      fc.record({ date: fc.constantFrom('2026-11-27', '2027-02-01'), time: fc.constantFrom(null, '17:00') }),
    ),
    notBefore: fc.option(
      fc.record({ date: fc.constant('2026-11-26'), time: fc.constantFrom(null, '09:15') }),
    ),
    energy: fc.constantFrom('sharp' as const, 'light' as const, undefined),
    category: fc.constantFrom('Writing', undefined),
    listId: fc.constantFrom('Grants', 'Permits', 'Field surveys'),
  })
  .map(({ notBefore, energy, category, ...rest }): Omit<Task, 'rank'> =>
    newTask({
      id: 'a',
      createdAt: 0,
      ...rest,
      ...(notBefore ? { notBefore } : {}),
      ...(energy ? { energy } : {}),
      ...(category ? { category } : {}),
    }),
  );

test('a task that is written as a line reads back the same', () => {
  fc.assert(
    fc.property(arbitraryTask, fc.boolean(), (written, isAmerican) => {
      const as = isAmerican ? american : reader;
      const line = lineOf(written, as);
      const options = { id: 'a', createdAt: at('11:20'), zone };
      const { task: back, goes } = quickTaskOf(readLine(line, as), as.workspace, options);
      expect({ ...back, createdAt: 0 }).toEqual(written);
      expect(goes).toBeNull();
    }),
  );
});

test('a title that would be understood as something else stands alone', () => {
  expect(lineOf(task('Tidy up by Friday', { listId: 'Grants' }), reader)).toBe('Tidy up by Friday');
});
