import { tickOn } from '../commands/days';
import { usualRoutines, type ChecklistItem } from '../model/day';
import { defaultSettings } from '../model/settings';
import { workspaceOf } from '../model/workspace';
import { ringsIn } from '../remind/rings';
import { ringWords } from '../remind/words';
import { at, zone } from '../fixtures/make';
import { dayOf } from '../time/zone';
import { itemsLeft, itemsOn, linesLeft, ownRoutinesOn } from './routines';

const item = (id: string, at: ChecklistItem['at'], ...days: number[]): ChecklistItem => ({
  id,
  text: id,
  at,
  days,
});
const workspace = workspaceOf(
  {},
  {
    ...defaultSettings,
    routines: {
      ...usualRoutines,
      own: [
        {
          id: 'after',
          name: 'After fieldwork',
          days: [2],
          time: '16:30',
          lines: [
            { id: 'rinse', text: 'Rinse the waders' },
            { id: 'charge', text: 'Charge the loggers' },
          ],
        },
        { id: 'empty', name: 'Nothing yet', days: [], time: '09:00', lines: [] },
      ],
      checklist: [item('desk', 'close'), item('timesheet', 'close', 5), item('gauge', 'opening')],
    },
  },
);
// a Tuesday and a Friday
const [tuesday, friday] = ['2026-11-24', '2026-11-27'] as const;

test('a line of the checklist is there at its end of the day, on its weekdays or every day', () => {
  const ids = (date: string, at: ChecklistItem['at']) => itemsOn(workspace, date, at).map(({ id }) => id);
  expect(ids(tuesday, 'close')).toEqual(['desk']);
  expect(ids(friday, 'close')).toEqual(['desk', 'timesheet']);
  expect(ids(friday, 'opening')).toEqual(['gauge']);
});

test('what is ticked on a day is not left on it, and a second tick takes it back', () => {
  const ticked = tickOn.apply(workspace, { date: friday, item: 'desk' });
  expect(itemsLeft(ticked, friday, 'close')).toBe(1);
  expect(itemsLeft(ticked, tuesday, 'close')).toBe(1);
  expect(itemsLeft(tickOn.apply(ticked, { date: friday, item: 'desk' }), friday, 'close')).toBe(2);
});

test('a routine of one’s own is told of at its hour on its weekdays, with what is left of it, until all is ticked', () => {
  const rings = (office = workspace) => ringsIn(office, dayOf(tuesday, zone), zone);
  const told = (office = workspace) => rings(office).map((ring) => ringWords(office, ring, ring.at, zone));
  expect(ownRoutinesOn(workspace, friday)).toEqual([]);
  expect(rings().map((ring) => ring.at)).toEqual([at('16:30')]);
  expect(told()).toEqual([{ title: 'After fieldwork', line: 'Rinse the waders, Charge the loggers' }]);
  const begun = tickOn.apply(workspace, { date: tuesday, item: 'rinse' });
  expect(told(begun)[0]?.line).toBe('Charge the loggers');
  const done = tickOn.apply(begun, { date: tuesday, item: 'charge' });
  expect(rings(done)).toEqual([]);
  expect(ownRoutinesOn(done, tuesday).map(({ lines }) => linesLeft(done, lines, tuesday))).toEqual([[]]);
});
