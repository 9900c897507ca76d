import type { Habits } from '../estimates/habits';
import { openTasksOf } from '../goals/standing';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { roomFor } from '../plan/targets';
import { randomFrom } from '../random';
import type { LedgerRow } from '../review/ledger';
import { rowsIn } from '../review/rowsIn';
import { lastInstant } from '../tasks/deadline';
import { isFor, withFeeders } from '../tasks/goals';
import { openOnes } from '../tasks/openTasks';
import { isWhole } from '../tasks/parts';
import { taskOf, tasksOfBlock } from '../tasks/places';
import { MINUTE, minutesOf } from '../time/span';
import { stretchAround } from '../time/stretch';
import { daysOfWeek, weekOf } from '../time/week';
import { addDays, dateOf, datesFrom, dayOf, instantOf, type IsoDate, type Zone } from '../time/zone';
import { atOnce, type Working } from '../working';
import { groundOf, lotOf, normal, type Ground } from './lots';

/** What is looked at as a project: a list, a goal, or what a week holds (by its first day). */
export type Project = { readonly kind: 'list' | 'goal' | 'week'; readonly id: Id };

/** Minutes as they are likely: the middle, and the range in which four of five lie. */
export type Likely = { readonly low: number; readonly middle: number; readonly high: number };

/** A project looked at ahead. */
export type Outlook = {
  /** Its open tasks, and how many of them have no estimate: those count as long as a block without one. */
  readonly count: number;
  readonly unestimated: number;
  /** What is still to be done, as such work really takes. */
  readonly open: Likely;
  /** By when it has to be done (epoch ms), the room for it until then in minutes, and in how many of a hundred cases it is; null where nothing is due. */
  readonly due: { readonly at: number; readonly room: number; readonly chance: number | null } | null;
  /** What was done for it in each of the weeks before this one, in minutes, the earliest first. */
  readonly weeks: readonly { readonly week: IsoDate; readonly minutes: number }[];
  /** When it is done at that pace; null where there is no pace, or it is beyond ten years. */
  readonly done: { readonly early: IsoDate; readonly likely: IsoDate; readonly late: IsoDate } | null;
};

/** So many weeks say how fast it goes. */
const WEEKS = 8;
/** So many days ahead room is looked for. */
const FARTHEST = 92;
/** How often it is played through, and for how many weeks at most. */
const RUNS = 400;
const LONGEST = 520;

function tasksOf(workspace: Workspace, { kind, id }: Project, today: IsoDate, zone: Zone): Task[] {
  if (kind === 'goal') {
    const goal = workspace.goals.get(id);
    return goal ? openTasksOf(workspace, goal, today, zone) : [];
  }
  if (kind === 'list')
    return openOnes(workspace, today, zone).filter(
      (task) => task.listId === id && !isWhole(workspace, task.id),
    );
  const placed = daysOfWeek(id, workspace.settings.weekStart).flatMap((date) => {
    const { blocks, tray } = dayPlan(workspace, date, zone);
    return [...blocks.flatMap(tasksOfBlock), ...tray.map(({ taskId }) => taskId)];
  });
  return [...new Set(placed)].flatMap((taskId) => {
    const task = taskOf(workspace, taskId);
    return task && task.doneAt === null && !task.parked ? [task] : [];
  });
}

/** Whether something counts for how fast a project goes; for a week all work on tasks does. */
function counts(workspace: Workspace, { kind, id }: Project): (row: LedgerRow) => boolean {
  if (kind === 'list') return ({ listId }) => listId === id;
  if (kind === 'week') return ({ subject }) => subject.kind === 'task';
  const goal = workspace.goals.get(id);
  const all = goal ? withFeeders(workspace, goal) : [];
  return (row) => all.some((one) => isFor(one, row));
}

/** By when a project has to be done: the end of its week or of the last time of its goal, or the last deadline in its list. */
function dueOf(workspace: Workspace, { kind, id }: Project, tasks: readonly Task[], zone: Zone): number {
  const { weekStart } = workspace.settings;
  if (kind === 'week') return instantOf(addDays(id, 7), zone);
  if (kind === 'goal') {
    const goal = workspace.goals.get(id);
    const last = goal?.times
      .map(({ date }) => stretchAround(goal.span, date, weekStart).last)
      .sort()
      .at(-1);
    return last === undefined ? Infinity : instantOf(addDays(last, 1), zone);
  }
  const all = tasks.map((task) => lastInstant(task, workspace.events, zone)).filter(Number.isFinite);
  return all.length === 0 ? Infinity : Math.max(...all);
}

/** Free time for a project from now until an instant, in zones that take such work. */
function roomUntil(workspace: Workspace, project: Project, until: number, zone: Zone, now: number): number {
  const today = dateOf(now, zone);
  const dates = datesFrom(today, FARTHEST).filter((date) => dayOf(date, zone).from < until);
  const goal = project.kind === 'goal' ? workspace.goals.get(project.id) : undefined;
  const work = {
    category: goal?.category ?? workspace.lists.get(project.id)?.category,
    listId: project.kind === 'list' ? project.id : (goal?.lists[0] ?? ''),
  };
  const spans = roomFor(workspace, work, dates, zone, now);
  return minutesOf(spans.map(({ from, to }) => ({ from, to: Math.max(from, Math.min(to, until)) })));
}

const quantileOf = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;

export type OutlookAsked = {
  readonly project: Project;
  readonly habits: Habits;
  readonly zone: Zone;
  /** Epoch ms. */
  readonly now: number;
  readonly seed: number;
};

/**
 * How a project stands, looking ahead. It is played through some hundreds of times: each open task takes what such tasks took by
 * one's habits, and week after week one is drawn from the last eight (the bootstrap, Efron 1979), until all is done.
 */
export function* outlookOf(
  workspace: Workspace,
  { project, habits, zone, now, seed }: OutlookAsked,
): Working<Outlook> {
  const today = dateOf(now, zone);
  const tasks = tasksOf(workspace, project, today, zone);
  const thisWeek = weekOf(today, workspace.settings.weekStart);
  const weeks = weeksBefore(workspace, project, thisWeek, zone, now);
  yield 0.4;
  const pace = weeks.map(({ minutes }) => minutes);
  const grounds = tasks.map((task) => groundOf(workspace, habits, task, now));
  // each run draws its own lots, so that more to do is never done earlier by chance
  const runs = Array.from({ length: RUNS }, (_, i) => {
    const random = randomFrom(seed * RUNS + i);
    const left = leftOf(grounds, habits, random);
    return { left, needed: weeksUntil(left, pace, random) };
  });
  yield 0.8;
  const played = runs.map(({ needed }) => needed).sort((a, b) => a - b);
  const day = (share: number) => addDays(today, Math.ceil(7 * quantileOf(played, share)));
  const at = dueOf(workspace, project, tasks, zone);
  const inTime = played.filter(
    (needed) => instantOf(today, zone) + needed * 7 * 24 * 60 * MINUTE <= at,
  ).length;
  const hasPace = quantileOf(played, 0.9) < LONGEST;
  const sorted = runs.map(({ left }) => left).sort((a, b) => a - b);
  return {
    count: tasks.length,
    unestimated: tasks.filter(({ estimate }) => estimate === null).length,
    open: { low: quantileOf(sorted, 0.1), middle: quantileOf(sorted, 0.5), high: quantileOf(sorted, 0.9) },
    due: Number.isFinite(at)
      ? {
          at,
          room: roomUntil(workspace, project, at, zone, now),
          chance: hasPace ? Math.round((100 * inTime) / RUNS) : null,
        }
      : null,
    weeks,
    done: tasks.length > 0 && hasPace ? { early: day(0.1), likely: day(0.5), late: day(0.9) } : null,
  };
}

/** What was done for a project in the last weeks, from the first with any record on. */
function weeksBefore(workspace: Workspace, project: Project, thisWeek: IsoDate, zone: Zone, now: number) {
  const first = addDays(thisWeek, -7 * WEEKS);
  const range = { from: instantOf(first, zone), to: instantOf(thisWeek, zone) };
  const rows = atOnce(rowsIn(workspace, { range, zone, now, yardstick: 'last' }));
  const own = rows.filter(counts(workspace, project));
  const all = Array.from({ length: WEEKS }, (_, i) => {
    const week = addDays(first, 7 * i);
    const ofWeek = (row: LedgerRow) => row.date >= week && row.date < addDays(week, 7);
    const minutes = own.filter(ofWeek).reduce((sum, { actual }) => sum + actual, 0);
    return { week, minutes, isLived: rows.some((row) => ofWeek(row) && row.actual > 0) };
  });
  const begins = all.findIndex(({ isLived }) => isLived);
  return begins < 0 ? [] : all.slice(begins).map(({ week, minutes }) => ({ week, minutes }));
}

/** What is left of all tasks when it is played through once, in minutes. */
function leftOf(grounds: readonly Ground[], habits: Habits, random: () => number): number {
  const off = normal(random);
  return grounds.reduce((sum, ground) => sum + lotOf(ground, habits, off, random), 0);
}

/** How many weeks it takes for so many minutes at a pace drawn week by week; LONGEST where it never ends. */
function weeksUntil(minutes: number, pace: readonly number[], random: () => number): number {
  if (minutes <= 0) return 0;
  if (!pace.some((one) => one > 0)) return LONGEST;
  let left = minutes;
  for (let week = 0; week < LONGEST; week += 1) {
    const done = pace[Math.floor(random() * pace.length)] ?? 0;
    if (done >= left) return week + left / done;
    left -= done;
  }
  return LONGEST;
}
