import { derivedByPart } from '../model/collection';
import { rememberedWhile } from '../model/remember';
import type { Due, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { instantOf, type IsoDate, type Zone } from '../time/zone';

const asideByPart = derivedByPart<Task, Task[]>((tasks) =>
  [...tasks].filter(({ doneAt, inbox, parked }) => doneAt === null && (inbox || parked)),
);

const byCapture = (a: Task, b: Task) => a.createdAt - b.createdAt || a.rank - b.rank;

/** Whether nothing has been said about a captured task yet: when, for which meeting, or where it belongs. */
export const isWaiting = ({ inbox, due, neededBy, notBefore }: Task): boolean =>
  inbox === true && !due && !neededBy && !notBefore;

/**
 * What waits to be looked at, oldest first: captured and in no list, on no date and in no place of the plan yet, or parked
 * until a day that has come.
 */
export const inboxOn = rememberedWhile(
  (_: Pick<Workspace, 'tasks'>, today: IsoDate) => today,
  ({ tasks }) => [tasks],
  ({ tasks }, today): Task[] =>
    asideByPart(tasks)
      .flat()
      .filter((task) =>
        task.parked ? task.parked.until !== null && task.parked.until <= today : isWaiting(task),
      )
      .sort(byCapture),
);

/** What is parked, latest first. */
export const parkedTasks = ({ tasks }: Workspace): Task[] =>
  asideByPart(tasks)
    .flat()
    .filter(({ parked }) => parked)
    .sort((a, b) => (b.parked?.at ?? 0) - (a.parked?.at ?? 0));

/** The instant (epoch ms) at which a day, or an hour of it, begins. */
export const beginningOf = ({ date, time }: Due, zone: Zone): number =>
  instantOf(time === null ? date : `${date}T${time}`, zone);

/** Whether a task is out of sight until later. */
export const isHidden = ({ notBefore }: Task, zone: Zone, now: number): boolean =>
  notBefore !== undefined && beginningOf(notBefore, zone) > now;
