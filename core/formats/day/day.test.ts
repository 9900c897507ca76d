import * as fc from 'fast-check';
import { countOn, markKeystone, writeNote } from '../../commands/days';
import { takeDay } from '../../commands/dayText';
import { placeTask, putInTray } from '../../commands/plan';
import { addEntry } from '../../commands/track';
import { at, date, meeting, task, zone } from '../../fixtures/make';
import { defaultSettings } from '../../model/settings';
import { usualRoutines } from '../../model/day';
import { workspaceOf, type Workspace } from '../../model/workspace';
import { changesOfDay } from './changes';
import { readDay, writeDay } from './text';
import { changeWords, problemWords } from './words';

const now = at('18:00');
const counted = [
  { id: 's', name: 'Samples', kind: 'number' as const, unit: 'samples', target: null },
  { id: 'w', name: 'Walk', kind: 'minutes' as const, unit: '', target: null },
  { id: 'l', name: 'Lunch out', kind: 'yesNo' as const, unit: '', target: null },
];
const settings = { ...defaultSettings, routines: { ...usualRoutines, counted } };
const bare = workspaceOf(
  {
    tasks: [
      task('Grant report'),
      task('Order waders'),
      task('09:00-10:00 odd'),
      task('**loud**'),
      task('Letter'),
    ],
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
    events: [meeting('Crew call', '09:00', 30)],
  },
  settings,
);
const run = <I>(workspace: Workspace, command: { apply: (w: Workspace, i: I) => Workspace }, input: I) =>
  command.apply(workspace, input);
let office = run(bare, placeTask, { id: 'b1', taskId: 'Grant report', start: at('10:00'), minutes: 90 });
office = run(office, putInTray, { id: 't1', taskId: 'Order waders', date });
office = run(office, addEntry, {
  id: 'e1',
  subject: { kind: 'task', taskId: 'Grant report' },
  from: at('10:05') + 7000,
  to: at('11:20'),
});
office = run(office, markKeystone, { date, taskId: 'Grant report' });
office = run(office, countOn, { date, of: 's', value: 14 });
office = run(office, writeNote, { date, note: 'Rain.\n\n## Plan\n- [ ] is mine' });

const changes = (workspace: Workspace, text: string) =>
  changesOfDay(workspace, date, zone, now, readDay(text));
const taken = (workspace: Workspace, text: string) => {
  let made = 0;
  const newId = () => `n${(made += 1)}`;
  return takeDay.apply(workspace, { date, changes: changes(workspace, text).changes, at: now, zone, newId });
};

test('a day is written with its hours, boxes, numbers and note', () => {
  expect(writeDay(office, date, zone, now)).toBe(`# Tue 24 Nov 2026

## Plan
- 09:00-09:30 Crew call
- [ ] 10:00-11:30 **Grant report**
- [ ] Order waders

## What happened
- 10:05-11:20 Grant report

## Numbers
- Samples: 14 samples
- Walk:
- Lunch out:

## Note
Rain.

## Plan
- [ ] is mine
`);
});

test('what is edited in the text is seen as changes, and taken in one step', () => {
  const text = writeDay(office, date, zone, now)
    .replace('10:00-11:30 **Grant report**', '14:00–15:00 Grant report')
    .replace('- [ ] Order waders', '- [x] Order waders\n- [ ] 15:00-15:30 Call the lab')
    .replace('Walk:', 'Walk: 1h15')
    .replace('Lunch out:', 'Lunch out: yes')
    .replace('- 10:05-11:20 Grant report', '- 10:05-11:45 Grant report\n- 12:00-12:20 Pump broke down')
    .replace('Rain.', 'Sun.');
  const words = changes(office, text).changes.map((one) => changeWords(one, zone, settings));
  expect(words).toEqual([
    'Grant report moves to 14:00 – 15:00, 1 h',
    'Order waders is done',
    'New task Call the lab, 15:00 – 15:30, 30 min',
    'No task is the keystone',
    'Grant report took 10:05 – 11:45, 1 h 40',
    'Pump broke down took 12:00 – 12:20, 20 min',
    'Walk: 75',
    'Lunch out: 1',
    'The note is another',
  ]);
  const after = taken(office, text);
  expect(changes(after, text)).toEqual({ changes: [], problems: [] });
  expect(writeDay(after, date, zone, now)).toContain('- [x] Order waders');
});

test('what cannot be read is named by its line, and all else counts', () => {
  const text =
    '## Plan\nnonsense\n- 11:00-12:00 No such meeting\n- [ ] 10:00-11:30 **Grant report**\n## Numbers\n- Samples: many\n- Birds: 3';
  const found = changes(office, text);
  expect(found.problems.map(problemWords)).toEqual([
    'Line 2, “nonsense”, cannot be read, and stays without effect',
    'Line 3, “No such meeting”, is no meeting of this day: meetings are changed in the plan',
    'Line 6, “Samples: many”, is no such number',
    'Line 7, “Birds: 3”, is nothing that you count',
  ]);
  expect(found.changes).toEqual([{ kind: 'off', title: 'Order waders', from: 'tray', id: 't1' }]);
});

test('reading what was written changes nothing, whatever lies on the day', () => {
  const names = ['Grant report', 'Order waders', '09:00-10:00 odd', '**loud**', 'Letter'];
  const plans = fc.array(
    fc.record({
      taskId: fc.constantFrom(...names),
      minute: fc.integer({ min: 0, max: 1430 }),
      minutes: fc.integer({ min: 1, max: 3000 }),
      tray: fc.boolean(),
    }),
    { maxLength: 8 },
  );
  fc.assert(
    fc.property(
      plans,
      fc.option(fc.constantFrom(...names)),
      fc.string({ maxLength: 60, unit: 'grapheme' }),
      (list, keystone, note) => {
        let day = bare;
        list.forEach(({ taskId, minute, minutes, tray }, i) => {
          const start = at('00:00') + minute * 60_000;
          day = tray
            ? run(day, putInTray, { id: `t${i}`, taskId, date })
            : run(day, placeTask, { id: `b${i}`, taskId, start, minutes });
          day = run(day, addEntry, {
            id: `e${i}`,
            subject: { kind: 'task', taskId },
            from: start + 1000,
            to: start + minutes * 60_000,
          });
        });
        day = run(day, markKeystone, { date, taskId: keystone });
        day = run(day, writeNote, { date, note: note.replace(/\r/g, '') });
        const later = at('00:00') + 10 * 86_400_000;
        const text = writeDay(day, date, zone, later);
        const found = changesOfDay(day, date, zone, later, readDay(text));
        const isThere = list.some(({ taskId }) => taskId === keystone);
        expect(found.problems).toEqual([]);
        expect(found.changes.filter(({ kind }) => kind !== 'keystone' || isThere)).toEqual([]);
      },
    ),
    { numRuns: 150 },
  );
});

test('any text is read without a fault', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.constantFrom(
          '## Plan',
          '## What happened',
          '- [x] 25:00-3:00 a',
          '- 9:00-now b',
          '- [ ]',
          '  - [ ] c',
          '## Numbers',
          '- a: b: c',
          '- [ ] 22:00-06:00+1 d',
          '# x',
        ),
        { maxLength: 12 },
      ),
      (lines) => {
        const text = lines.join('\n');
        expect(() => taken(office, text)).not.toThrow();
      },
    ),
  );
});
