import type { Occurrence } from '../calendar/occurrences';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dueOn } from '../tasks/openTasks';
import { spanOfBlock, taskOf, tasksOfBlock } from '../tasks/places';
import type { Span } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { dayPlan, type DayPlan, type Load } from './dayPlan';
import { firstWords } from '../notes/firstWords';
import { isTaskSeen, seen } from './lens';

/** Something of a day that has its hours. */
export type Timed = Span &
  (
    | { readonly kind: 'meeting'; readonly event: Occurrence }
    | { readonly kind: 'block'; readonly block: Block; readonly task: Task }
  );

/** One thing of a day, wherever it is shown. */
export type Thing =
  | Timed
  | { readonly kind: 'allDay'; readonly event: Occurrence }
  | { readonly kind: 'tray'; readonly item: TrayItem; readonly task: Task }
  | { readonly kind: 'due'; readonly task: Task }
  /** The note of the day, its first words. */
  | { readonly kind: 'note'; readonly date: IsoDate; readonly text: string };

/** The id that tells a thing from the others of its day. */
export function keyOfThing(thing: Thing): string {
  switch (thing.kind) {
    case 'meeting':
    case 'allDay':
      return thing.event.id;
    case 'block':
      return `block ${thing.block.id}`;
    case 'tray':
      return `tray ${thing.item.id}`;
    case 'due':
      return `due ${thing.task.id}`;
    case 'note':
      return `note ${thing.date}`;
  }
}

export function titleOfThing(thing: Thing): string {
  if (thing.kind === 'note') return thing.text;
  return 'event' in thing ? thing.event.title : thing.task.title;
}

/** Meetings and blocks of a day in one sequence by time. A block whose task is not there is left out. */
export function timedThings({ meetings, blocks }: DayPlan, workspace: Workspace): Timed[] {
  const ofMeetings = meetings.map((event): Timed => ({
    kind: 'meeting',
    event,
    from: event.from,
    to: event.to,
  }));
  const ofBlocks = blocks.flatMap((block): Timed[] => {
    const task = taskOf(workspace, block.taskId);
    return task ? [{ kind: 'block', block, task, ...spanOfBlock(block) }] : [];
  });
  return [...ofMeetings, ...ofBlocks].sort((a, b) => a.from - b.from || a.to - b.to);
}

/**
 * All things of a day: what takes it whole, what is due, what lies in its tray, then its hours. A task that is due on
 * the day and planned on it is there once, as planned.
 */
function thingsOf(plan: DayPlan, workspace: Workspace, zone: Zone): Thing[] {
  const planned = new Set([...plan.tray.map(({ taskId }) => taskId), ...plan.blocks.flatMap(tasksOfBlock)]);
  const tray = plan.tray.flatMap((item): Thing[] => {
    const task = taskOf(workspace, item.taskId);
    return task ? [{ kind: 'tray', item, task }] : [];
  });
  const due = dueOn(workspace, plan.date, zone)
    .filter((task) => !planned.has(task.id) && isTaskSeen(task, workspace.settings))
    .map((task): Thing => ({ kind: 'due', task }));
  return [
    ...plan.allDay.map((event): Thing => ({ kind: 'allDay', event })),
    ...due,
    ...tray,
    ...timedThings(plan, workspace),
  ];
}

/** All that is seen of a day as one list, and its load. */
export type DayList = { readonly date: IsoDate; readonly load: Load; readonly things: readonly Thing[] };

export function dayList(workspace: Workspace, date: IsoDate, zone: Zone): DayList {
  const plan = seen(dayPlan(workspace, date, zone), workspace);
  const { tasks, events, notes } = workspace.settings.glance;
  const note = firstWords(workspace.days.get(date)?.note ?? '');
  const things = thingsOf(plan, workspace, zone).filter((thing) => ('event' in thing ? events : tasks));
  const noted: Thing[] = notes && note !== '' ? [{ kind: 'note', date, text: note }] : [];
  return { date, load: plan.load, things: [...things, ...noted] };
}
