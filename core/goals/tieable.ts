import { comingMeetings } from '../calendar/layers';
import type { Id } from '../model/common';
import type { Goal, TieKind } from '../model/goal';
import type { Workspace } from '../model/workspace';
import { openLists } from '../tasks/lists';
import { openOnes } from '../tasks/openTasks';
import { inOrder } from '../tasks/order';
import { taskOf } from '../tasks/places';
import { dateOf, type Zone } from '../time/zone';
import { isTaskOf } from '../tasks/goals';

/** Something that is tied to a goal, or can be. */
export type Tied = { readonly kind: TieKind; readonly id: Id; readonly title: string };

/** How many days ahead meetings are looked for. */
const DAYS = 21;

/** What is tied to a goal, in the order in which it was; what has gone since is left out. */
export function tiedTo(workspace: Workspace, goal: Goal): Tied[] {
  const titled = (kind: TieKind, id: Id, title: string | undefined): Tied[] =>
    title === undefined ? [] : [{ kind, id, title }];
  return [
    ...goal.lists.flatMap((id) => titled('lists', id, workspace.lists.get(id)?.name)),
    ...goal.tasks.flatMap((id) => titled('tasks', id, taskOf(workspace, id)?.title)),
    ...goal.events.flatMap((id) => titled('events', id, workspace.events.get(id)?.title)),
  ];
}

/**
 * What can be tied to a goal and has all the typed words in its title, no more than `most`: open tasks by their deadlines, then
 * meetings to come, then lists. Without a word it is the tasks of the goal's category.
 */
export function tieable(
  workspace: Workspace,
  goal: Goal,
  typed: string,
  zone: Zone,
  now: number,
  most = 6,
): Tied[] {
  const words = typed.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const fits = (title: string) => words.every((word) => title.toLowerCase().includes(word));
  const open = openOnes(workspace, dateOf(now, zone), zone).filter(
    (task) =>
      !isTaskOf(goal, task) &&
      fits(task.title) &&
      (words.length > 0 || (goal.category !== undefined && task.category === goal.category)),
  );
  const tasks = inOrder(open, 'due', workspace.events, zone).map(({ id, title }): Tied => ({
    kind: 'tasks',
    id,
    title,
  }));
  if (words.length === 0) return tasks.slice(0, most);
  const meetings = comingMeetings(workspace, DAYS, zone, now).map(({ eventId, title }): Tied => ({
    kind: 'events',
    id: eventId,
    title,
  }));
  const events = [...new Map(meetings.map((tied) => [tied.id, tied])).values()].filter(
    ({ id, title }) => !goal.events.includes(id) && fits(title),
  );
  const lists = openLists(workspace)
    .filter(({ id, name }) => !goal.lists.includes(id) && fits(name))
    .map(({ id, name }): Tied => ({ kind: 'lists', id, title: name }));
  return [...tasks.slice(0, most - 2), ...events.slice(0, 2), ...lists.slice(0, 2)].slice(0, most);
}
