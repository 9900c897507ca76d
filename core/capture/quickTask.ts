import { usualList } from '../tasks/lists';
import type { Id } from '../model/common';
import type { WallStart } from '../model/event';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { judge, type Finding } from '../plan/judge';
import { lengthOfTask, newTask } from '../tasks/newTask';

import { dateOf, daysBetween, instantOf, type IsoDate, type Zone } from '../time/zone';
import type { Chip, Meaning } from './chip';
import { firstDayOf } from './grammar/repeats';
import { workOf } from './ofTemplate';
import type { QuickLine } from './quickLine';

/** Where a task of a line goes: onto hours (epoch ms, minutes), into the tray of a day, or nowhere yet. */
export type Goes =
  | { readonly kind: 'hours'; readonly start: number; readonly minutes: number }
  | { readonly kind: 'tray'; readonly date: string }
  | null;

/** How a task comes again: its rule, and the first of its starts. */
type Comes = { readonly rule: string; readonly start: WallStart };

export type QuickTask = {
  readonly task: Omit<Task, 'rank'>;
  readonly goes: Goes;
  readonly comes: Comes | null;
  /** The goal that it is done for. */
  readonly goalId?: Id | undefined;
};

/** What a line says of one kind, if it says anything. */
export const valueOf = <K extends Meaning['kind']>({ chips }: QuickLine, kind: K) =>
  chips.find((chip) => chip.kind === kind)?.value as Extract<Meaning, { kind: K }>['value'] | undefined; // of its kind

/** How long the stretch of hours is that a line tells, in minutes. */
const stretchOf = ({ chips }: QuickLine): number | undefined =>
  chips
    .flatMap((chip) => ((chip.kind === 'when' || chip.kind === 'hour') && chip.minutes ? [chip.minutes] : []))
    .at(0);

/** The block template that a line names. */
export const templateOf = (line: QuickLine, { templates }: Pick<Workspace, 'templates'>) =>
  templates.get(valueOf(line, 'template') ?? '');

/** What says of a task where it belongs or when it is to be done. */
const PLACED: ReadonlySet<Meaning['kind']> = new Set([
  'when',
  'days',
  'due',
  'notBefore',
  'neededBy',
  'repeat',
  'list',
  'template',
  'goal',
]);

type Making = {
  readonly id: Id;
  /** Epoch ms. */
  readonly createdAt: number;
  readonly zone: Zone;
  /** The list that is being added to: a line that names none goes there. */
  readonly home?: Id | undefined;
};

/** The task that a line says, and where it goes. Without a list it is of the first, and without a date too it waits in the inbox. */
export function quickTaskOf(
  line: QuickLine,
  workspace: Pick<Workspace, 'lists' | 'templates' | 'goals'>,
  { id, createdAt, zone, home }: Making,
): QuickTask {
  const template = templateOf(line, workspace);
  const listId = valueOf(line, 'list') ?? template?.listId ?? home ?? usualList(workspace).id;
  const goal = workspace.goals.get(valueOf(line, 'goal') ?? '');
  const category =
    valueOf(line, 'category') ??
    template?.category ??
    goal?.category ??
    workspace.lists.get(listId)?.category;
  const energy = valueOf(line, 'energy');
  const days = valueOf(line, 'days');
  const notBefore = valueOf(line, 'notBefore') ?? (days && { date: days.from, time: null });
  const meeting = valueOf(line, 'neededBy');
  // nothing says yet where it belongs or when it is to be done
  const waits = home === undefined && !line.chips.some(({ kind }) => PLACED.has(kind));
  const task = newTask({
    id,
    title: line.title,
    listId,
    createdAt,
    estimate: valueOf(line, 'length') ?? stretchOf(line) ?? template?.minutes ?? null,
    due: valueOf(line, 'due') ?? (days ? { date: days.to, time: null } : null),
    priority: valueOf(line, 'priority') ?? 'normal',
    ...(notBefore === undefined ? {} : { notBefore }),
    ...(category === undefined ? {} : { category }),
    ...(energy === undefined ? {} : { energy }),
    ...(waits ? { inbox: true as const } : {}),
    ...(template ? workOf(template, id) : {}),
    ...(meeting ? { neededBy: { eventId: meeting.eventId, recurrence: meeting.recurrence } } : {}),
  });
  return { task, ...placeOf(line, task, createdAt, zone), ...(goal ? { goalId: goal.id } : {}) };
}

/** The list that the task of a line goes to without a word of it, as a chip where the line ends; none for the inbox. */
export function listUnsaid(text: string, line: QuickLine, { task }: QuickTask): Chip | null {
  if (task.inbox || line.title === '' || line.chips.some(({ kind }) => kind === 'list')) return null;
  return { kind: 'list', value: task.listId, from: text.length, to: text.length };
}

/** Where the task of a line goes; one that comes again goes to its first day. */
function placeOf(
  line: QuickLine,
  task: Omit<Task, 'rank'>,
  now: number,
  zone: Zone,
): Pick<QuickTask, 'goes' | 'comes'> {
  const when = valueOf(line, 'when');
  const often = valueOf(line, 'repeat');
  const date = often ? firstDayOf(often.rule, when?.date ?? dateOf(now, zone)) : when?.date;
  if (date === undefined) return { goes: null, comes: null };
  const time = when?.time ?? often?.time;
  const wall = time ? `${date}T${time}:00` : date;
  const comes = often ? { rule: often.rule, start: { wall, zone: time ? zone : null } } : null;
  const goes: Goes = time
    ? { kind: 'hours', start: instantOf(wall, zone), minutes: lengthOfTask(task) }
    : { kind: 'tray', date };
  return { goes, comes };
}

/** How long an event is of which nothing is said, in minutes. */
const EVENT_LENGTH = 60;

/** When an event is: from an instant on (epoch ms, minutes), or for whole days. */
export type EventTime =
  | { readonly kind: 'hours'; readonly start: number; readonly minutes: number }
  | { readonly kind: 'days'; readonly from: IsoDate; readonly days: number };

/** When the event of a line is; undefined when it names no day. */
export function eventTime(line: QuickLine, zone: Zone): EventTime | undefined {
  const when = valueOf(line, 'when');
  const days = valueOf(line, 'days');
  if (days) return { kind: 'days', from: days.from, days: daysBetween(days.from, days.to) + 1 };
  if (!when) return undefined;
  if (!when.time) return { kind: 'days', from: when.date, days: 1 };
  return {
    kind: 'hours',
    start: instantOf(`${when.date}T${when.time}`, zone),
    minutes: valueOf(line, 'length') ?? stretchOf(line) ?? EVENT_LENGTH,
  };
}

/** What it means that the task of a line stands where it is to go. */
export function judgeLine(workspace: Workspace, { task, goes }: QuickTask, zone: Zone): Finding[] {
  if (!goes) return [];
  const made = { ...workspace, tasks: workspace.tasks.with([{ ...task, rank: 0 }]) };
  return judge(made, { what: { kind: 'task', taskId: task.id }, to: goes }, { zone });
}
