import type { Occurrence } from '../calendar/occurrences';
import { derivedByPart } from '../model/collection';
import { Hue } from '../model/common';
import type { CalendarEvent } from '../model/event';
import type { Priority, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { isOverdue } from '../tasks/deadline';
import type { Zone } from '../time/zone';
import { minutesSpent } from '../track/spent';
import { runningEntry, type DayPlan } from './dayPlan';

const ofTasks = derivedByPart<Task, Set<string>>(
  (tasks) => new Set([...tasks].flatMap(({ category }) => category ?? [])),
);
const ofEvents = derivedByPart<CalendarEvent, Set<string>>(
  (events) => new Set([...events].flatMap(({ categories }) => categories)),
);

/** The categories in use, by name. */
export const categoriesOf = ({ tasks, events }: Workspace): string[] =>
  [...new Set([...ofTasks(tasks), ...ofEvents(events)].flatMap((names) => [...names]))].sort((a, b) =>
    a.localeCompare(b),
  );

/** Whether a task is not filtered out of the plan. */
export function isTaskSeen(task: Task | undefined, { leftOut }: Workspace['settings']): boolean {
  if (!task) return true;
  const { lists, categories, done } = leftOut;
  const byCategory = task.category !== undefined && categories.includes(task.category);
  return !lists.includes(task.listId) && !byCategory && !(done && task.doneAt !== null);
}

/** An event is out of sight when all its categories are. */
const isEventSeen = ({ categories }: Occurrence, { leftOut }: Workspace['settings']): boolean =>
  categories.length === 0 || categories.some((name) => !leftOut.categories.includes(name));

/** Whether anything is filtered out. */
export const hidesSomething = ({ leftOut }: Workspace['settings']): boolean =>
  leftOut.done || leftOut.lists.length + leftOut.categories.length > 0;

/** A day's plan without what is filtered out; its load stays that of the whole day. */
export function seen(plan: DayPlan, { settings, tasks }: Workspace): DayPlan {
  if (!hidesSomething(settings)) return plan;
  const ofTask = ({ taskId }: { taskId: string }) => isTaskSeen(tasks.get(taskId), settings);
  return {
    ...plan,
    blocks: plan.blocks.filter(ofTask),
    tray: plan.tray.filter(ofTask),
    meetings: plan.meetings.filter((event) => isEventSeen(event, settings)),
    allDay: plan.allDay.filter((event) => isEventSeen(event, settings)),
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
  const running = runningEntry(workspace.entries)?.subject;
  if (running?.kind === 'task' && running.taskId === task.id) return 'running';
  if (isOverdue(task, workspace.events, zone, now)) return 'overdue';
  return minutesSpent(workspace.entries, task.id, now) > 0 ? 'begun' : 'open';
}

/** The hue of a category; the same for as long as the categories in use are the same. */
export function categoryHue(category: string | undefined, workspace: Workspace): Hue {
  const at = category === undefined ? -1 : categoriesOf(workspace).indexOf(category);
  return at < 0 ? 'slate' : (Hue.options.filter((hue) => hue !== 'slate')[at % 7] ?? 'slate');
}

/** The hue of a task, by what the person has chosen to colour by. */
export function hueOfTask(task: Task | undefined, workspace: Workspace, zone: Zone, now: number): Hue {
  if (!task) return 'slate';
  switch (workspace.settings.colourBy) {
    case 'list':
      return workspace.lists.get(task.listId)?.hue ?? 'slate';
    case 'category':
      return categoryHue(task.category, workspace);
    case 'priority':
      return priorityHues[task.priority];
    case 'state':
      return stateHues[stateOf(task, workspace, zone, now)];
  }
}

/** The hue of an event: that of its category if that is what is coloured by, else of its calendar. */
export function hueOfEvent({ categories, calendarId }: Occurrence, workspace: Workspace): Hue {
  const [category] = categories;
  if (workspace.settings.colourBy === 'category' && category) return categoryHue(category, workspace);
  return workspace.calendars.get(calendarId)?.hue ?? 'slate';
}
