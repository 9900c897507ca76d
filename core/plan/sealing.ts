import { frameAsOf, frameOf } from '../frame/holding';
import { worksOn } from '../frame/zones';
import { sealOn, type Seal, type SealedBlock } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { lengthOfTask } from '../tasks/newTask';
import { subjectTitle, taskOf } from '../tasks/places';
import type { Block } from '../model/plan';
import { daysOfWeek } from '../time/week';
import { addDays, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';
import { heldTasks } from './group';

/** How a block's minutes are shared out: to the tasks that it holds one after the other, the rest to its own. */
export function partsOf(block: Block, workspace: Workspace): SealedBlock['parts'] {
  let left = block.minutes;
  const part = (taskId: string, wanted: number) => {
    const minutes = Math.min(left, wanted);
    left -= minutes;
    return { taskId, title: subjectTitle({ kind: 'task', taskId }, workspace), minutes };
  };
  const held = heldTasks(block, workspace).map((task) => part(task.id, lengthOfTask(task)));
  return [...held, part(block.taskId, left)].filter(({ minutes }) => minutes > 0);
}

/** Each thing once, as one over midnight is told by two days. */
const once = <T extends { readonly id: string }>(things: readonly T[]): T[] => [
  ...new Map(things.map((thing) => [thing.id, thing])).values(),
];

/** The plan of a week, given by its first day, as it stands: what a seal keeps. `at` in epoch ms. */
export function sealOf(workspace: Workspace, week: IsoDate, zone: Zone, at: number): Seal {
  const frame = frameOf(workspace, week);
  const held = frame && frameAsOf(frame, week);
  const plans = datesFrom(week, 7).map((date) => dayPlan(workspace, date, zone));
  const title = (taskId: string) => subjectTitle({ kind: 'task', taskId }, workspace);
  return {
    id: week,
    at,
    openedAt: null,
    frame: frame?.name ?? '',
    zones: [...(held?.zones ?? [])],
    ...(held?.hours ? { hours: held.hours } : {}),
    blocks: once(plans.flatMap(({ blocks }) => blocks)).map((block) => ({
      id: block.id,
      taskId: block.taskId,
      title: title(block.taskId),
      start: block.start,
      minutes: block.minutes,
      parts: partsOf(block, workspace),
    })),
    tray: plans.flatMap(({ tray, date }) =>
      tray.map(({ id, taskId }) => ({
        id,
        taskId,
        title: title(taskId),
        date,
        minutes: taskOf(workspace, taskId)?.estimate ?? 0,
      })),
    ),
    meetings: once(plans.flatMap(({ meetings, allDay }) => [...meetings, ...allDay]))
      .filter(({ busy }) => busy)
      .map(({ id, eventId, title: name, categories, from, to, plannedTo = to }) => ({
        id,
        eventId,
        title: name,
        categories: [...categories],
        from,
        to: plannedTo,
        wholeDays: plans.some(({ allDay }) => allDay.some((each) => each.id === id)),
      })),
    targets: workspace.targets.values(),
    answers: [],
    earlier: [],
  };
}

/** The next week, by its first day, when it is time to seal it: the last working day of this one has come, and it is planned. */
export function weekToSeal(workspace: Workspace, today: IsoDate, zone: Zone): IsoDate | undefined {
  const thisWeek = daysOfWeek(today, workspace.settings.weekStart);
  const worksLater = thisWeek.some((date) => date > today && worksOn(workspace, date));
  const next = addDays(thisWeek[0] ?? today, 7);
  if (worksLater || sealOn(workspace, next)) return undefined;
  const planned = datesFrom(next, 7).some((date) => {
    const { blocks, tray } = dayPlan(workspace, date, zone);
    return [...blocks, ...tray].some(({ id }) => workspace.blocks.has(id) || workspace.tray.has(id));
  });
  return planned ? next : undefined;
}
