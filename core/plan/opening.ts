import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { inboxOn } from '../tasks/inbox';
import { lastInstant } from '../tasks/deadline';
import { toPlace } from '../tasks/toPlace';
import { tasksOfBlock } from '../tasks/places';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { entriesIn } from '../track/entries';
import { dayPlan } from './dayPlan';

/** How many days back something may have been left over, and how many ahead something is coming. */
const BACK = 14;
const AHEAD = 7;

/** What the opening of a day goes through, each task in the first of these that it belongs to; those without a place ahead only. */
export type Opening = Readonly<Record<'left' | 'overdue' | 'due' | 'coming' | 'inbox', readonly Task[]>>;

/** What is to be decided before a day, in the order of its deadlines. */
export function openingOf(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Opening {
  const day = dayOf(date, zone);
  const before = plannedBefore(workspace, date, zone, now);
  const soon = dayOf(addDays(date, AHEAD), zone).to;
  const inbox = inboxOn(workspace, date);
  const captured = new Set(inbox.map(({ id }) => id));
  const found = { left: [] as Task[], overdue: [] as Task[], due: [] as Task[], coming: [] as Task[] };
  for (const task of toPlace(workspace, date, zone, now)) {
    if (captured.has(task.id)) continue;
    const last = lastInstant(task, workspace.events, zone);
    if (before.has(task.id)) found.left.push(task);
    else if (last <= day.from) found.overdue.push(task);
    else if (last <= day.to) found.due.push(task);
    else if (last <= soon) found.coming.push(task);
  }
  return { ...found, inbox };
}

/** The ids of what was planned or worked on in the days before one. */
function plannedBefore(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Set<string> {
  const ids = new Set<string>();
  for (let back = 1; back <= BACK; back += 1) {
    const { blocks, tray, span } = dayPlan(workspace, addDays(date, -back), zone);
    blocks.flatMap(tasksOfBlock).forEach((id) => ids.add(id));
    tray.forEach(({ taskId }) => ids.add(taskId));
    for (const { subject } of entriesIn(workspace.entries, span, now))
      if (subject.kind === 'task') ids.add(subject.taskId);
  }
  return ids;
}
