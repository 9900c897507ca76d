import { tickOn } from '../commands/days';
import { usualRoutines, type ChecklistItem } from '../model/day';
import { defaultSettings } from '../model/settings';
import { workspaceOf } from '../model/workspace';
import { itemsLeft, itemsOn } from './routines';

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
