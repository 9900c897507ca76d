import { derived, derivedByPart, groupedBy } from '../model/collection';
import { nearby } from '../model/nearby';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { nextTimes, timesIn } from './repeating';

const openByPart = derivedByPart<Task, Task[]>((tasks) =>
  [...tasks].filter(({ doneAt, parked }) => doneAt === null && !parked),
);
const storedOpen = derived<Task, Task[]>((tasks) => openByPart(tasks).flat());

/** Open tasks as a person counts them, without parked ones; of what repeats, and is not touched yet, only the next time from today on. */
export const openOnes = (workspace: Workspace, today: IsoDate, zone: Zone): Task[] => [
  ...storedOpen(workspace.tasks),
  ...nextTimes(workspace, today, zone).map(({ task }) => task),
];

const doneNear = nearby<Task>(({ doneAt }) => (doneAt === null ? null : { from: doneAt, to: doneAt + 1 }));

/** What was ticked off on a day, in that order. */
export const doneOn = ({ tasks }: Workspace, date: IsoDate, zone: Zone): Task[] =>
  doneNear.in(tasks, dayOf(date, zone));

const byDueDate = groupedBy<Task>(({ due }) => due?.date ?? '');

/** The open tasks that are due on a day, times of repeating ones included; parked ones are out of every plan. */
export function dueOn({ tasks, repeats }: Workspace, date: IsoDate, zone: Zone): Task[] {
  const given = repeats.values().flatMap((repeating) => {
    if (!repeating.due) return [];
    return timesIn(repeating, dayOf(addDays(date, -repeating.due.days), zone), zone).map(({ task }) => task);
  });
  return [...byDueDate(tasks, date), ...given].filter(
    ({ doneAt, due, parked }) => doneAt === null && !parked && due?.date === date,
  );
}
