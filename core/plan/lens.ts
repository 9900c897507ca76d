import { eventIdOf, type Occurrence } from '../calendar/occurrences';
import { categoryNamed, categoryOfNames } from '../model/categories';
import type { Hue } from '../model/common';
import type { Subject } from '../model/plan';
import type { Priority, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { isOverdue } from '../tasks/deadline';
import { isWaiting } from '../tasks/inbox';
import { taskOf } from '../tasks/places';
import type { Zone } from '../time/zone';
import { runningTask } from '../track/entries';
import { minutesSpent } from '../track/spent';
import type { DayPlan } from './dayPlan';

/** Whether a task is not filtered out of the plan. */
export function isTaskSeen(task: Task | undefined, { leftOut }: Workspace['settings']): boolean {
  if (!task) return true;
  const { lists, categories, done } = leftOut;
  const byCategory = task.category !== undefined && categories.includes(task.category);
  return !lists.includes(task.listId) && !byCategory && !(done && task.doneAt !== null);
}

/** An event is out of sight when all its categories are. */
function isEventSeen({ categories }: Occurrence, workspace: Workspace): boolean {
  const { leftOut } = workspace.settings;
  const isOut = (name: string) => leftOut.categories.includes(categoryNamed(workspace, name)?.id ?? '');
  return categories.length === 0 || !categories.every(isOut);
}

/** Whether anything is filtered out. */
export const hidesSomething = ({ leftOut }: Workspace['settings']): boolean =>
  leftOut.done || leftOut.lists.length + leftOut.categories.length > 0;

/** A day's plan without what is filtered out; its load stays that of the whole day. */
export function seen(plan: DayPlan, workspace: Workspace): DayPlan {
  const { settings } = workspace;
  if (!hidesSomething(settings)) return plan;
  const ofTask = ({ taskId }: { taskId: string }) => isTaskSeen(taskOf(workspace, taskId), settings);
  return {
    ...plan,
    blocks: plan.blocks.filter(ofTask),
    tray: plan.tray.filter(ofTask),
    meetings: plan.meetings.filter((event) => isEventSeen(event, workspace)),
    allDay: plan.allDay.filter((event) => isEventSeen(event, workspace)),
  };
}

/** What each priority and each state is drawn in. */
export const priorityHues: Record<Priority, Hue> = {
  urgent: 'berry',
  high: 'clay',
  normal: 'brook',
  low: 'slate',
};
export const stateHues = {
  done: 'fern',
  running: 'straw',
  overdue: 'berry',
  begun: 'iris',
  open: 'brook',
} as const;

/** How a task stands at `now`. */
export function stateOf(task: Task, workspace: Workspace, zone: Zone, now: number): keyof typeof stateHues {
  if (task.doneAt !== null) return 'done';
  if (runningTask(workspace.entries) === task.id) return 'running';
  if (isOverdue(task, workspace.events, zone, now)) return 'overdue';
  return minutesSpent(workspace.entries, task.id, now) > 0 ? 'begun' : 'open';
}

/** The hue of a task, by what the person has chosen to colour by. */
export function hueOfTask(task: Task | undefined, workspace: Workspace, zone: Zone, now: number): Hue {
  if (!task) return 'slate';
  switch (workspace.settings.colourBy) {
    case 'list':
      return isWaiting(task) ? 'slate' : (workspace.lists.get(task.listId)?.hue ?? 'slate');
    case 'category':
      return workspace.categories.get(task.category ?? '')?.hue ?? 'slate';
    case 'priority':
      return priorityHues[task.priority];
    case 'state':
      return stateHues[stateOf(task, workspace, zone, now)];
  }
}

/** What the hue of a task says, where nothing else on its card does: its list or its category. */
export function kindWords(task: Task, { settings, lists, categories }: Workspace): string {
  if (settings.colourBy === 'list') return isWaiting(task) ? '' : (lists.get(task.listId)?.name ?? '');
  return settings.colourBy === 'category' ? (categories.get(task.category ?? '')?.name ?? '') : '';
}

/** The hue of an event: that of its category if that is what is coloured by, else of its calendar. */
export function hueOfEvent(
  { categories, calendarId }: Pick<Occurrence, 'categories' | 'calendarId'>,
  workspace: Workspace,
): Hue {
  const category = categoryOfNames(workspace, categories);
  if (workspace.settings.colourBy === 'category' && category) return category.hue;
  return workspace.calendars.get(calendarId)?.hue ?? 'slate';
}

/** The hue of what time is planned for or spent on; what is neither task nor meeting has one of its own. */
export function hueOfSubject(subject: Subject, workspace: Workspace, zone: Zone, now: number): Hue {
  if (subject.kind === 'other') return 'berry';
  if (subject.kind === 'task') return hueOfTask(taskOf(workspace, subject.taskId), workspace, zone, now);
  const event = workspace.events.get(eventIdOf(subject.occurrence));
  return event ? hueOfEvent(event, workspace) : 'slate';
}
