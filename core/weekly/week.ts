import { occurrencesShown } from '../calendar/layers';
import type { Occurrence } from '../calendar/occurrences';
import { frameOf } from '../frame/holding';
import { goalStandings, type GoalStanding } from '../goals/standing';
import type { Task, TaskList } from '../model/task';
import type { Workspace } from '../model/workspace';
import { unfinishedOn, type Unfinished } from '../plan/carry';
import { dayPlan, type Load } from '../plan/dayPlan';
import { takesDays } from '../plan/spanning';
import { rowsIn } from '../review/rowsIn';
import { lastInstant } from '../tasks/deadline';
import { parkedTasks } from '../tasks/inbox';
import { doneOn, openOnes } from '../tasks/openTasks';
import { countsFor } from '../tasks/goals';
import { inRank } from '../tasks/order';
import { isWhole } from '../tasks/parts';
import { placedAhead, spanOfBlock } from '../tasks/places';
import { rangeOf, stretchAround } from '../time/stretch';
import { daysOfWeek } from '../time/week';
import { addDays, dateOf, datesFrom, dayOf, type IsoDate, type Zone } from '../time/zone';
import { atOnce } from '../working';

/*
 * What a weekly review goes through. A week is told by its first day.
 */

/** What of a week is not done and has no place ahead, by day and hour, each task once; of a running week as far as it has come. */
export function leftOfWeek(workspace: Workspace, week: IsoDate, zone: Zone, now: number): Unfinished[] {
  const today = dateOf(now, zone);
  const ahead = placedAhead(workspace, today, zone, now);
  const isOver = ({ place }: Unfinished, date: IsoDate) =>
    date < today || (place !== undefined && 'start' in place && spanOfBlock(place).to <= now);
  const found = daysOfWeek(week, workspace.settings.weekStart)
    .filter((date) => date <= today)
    .flatMap((date) => unfinishedOn(workspace, date, zone, now).filter((left) => isOver(left, date)))
    .filter(({ task }) => !ahead.has(task.id));
  return [...new Map(found.map((left) => [left.task.id, left])).values()];
}

/** What is parked and is to be looked at again by a day, the longest parked first. */
export const parkedUntil = (workspace: Workspace, date: IsoDate): Task[] =>
  parkedTasks(workspace)
    .filter(({ parked }) => parked?.until != null && parked.until <= date)
    .reverse();

/** What was done in a week: hours (in minutes) and what was ticked off, of one list. */
export type DoneOfList = {
  readonly list: TaskList;
  readonly minutes: number;
  readonly tasks: readonly Task[];
};

/** What was done for one goal of a week. */
export type DoneForGoal = { readonly standing: GoalStanding; readonly tasks: readonly Task[] };

export type WeekDone = {
  readonly goals: readonly DoneForGoal[];
  readonly lists: readonly DoneOfList[];
};

/** What was done in a week, once by its goals and once by the lists, in their order; lists in which nothing was are left out. */
export function doneInWeek(workspace: Workspace, week: IsoDate, zone: Zone, now: number): WeekDone {
  const { weekStart } = workspace.settings;
  const days = daysOfWeek(week, weekStart);
  const ticked = days.flatMap((date) => doneOn(workspace, date, zone));
  const range = rangeOf(stretchAround('week', week, weekStart), zone);
  const rows = atOnce(rowsIn(workspace, { range, zone, now, yardstick: 'last' }));
  const goals = goalStandings(workspace, 'week', week, zone, now).map((standing) => {
    const own = new Set(
      rows
        .filter(countsFor(workspace, standing.goal))
        .flatMap(({ subject }) => (subject.kind === 'task' ? [subject.taskId] : [])),
    );
    const { tasks, lists } = standing.goal;
    const isOf = ({ id, listId }: Task) => own.has(id) || tasks.includes(id) || lists.includes(listId);
    return { standing, tasks: ticked.filter(isOf) };
  });
  const lists = inRank(workspace.lists).map((list) => ({
    list,
    minutes: rows.reduce((sum, { listId, actual }) => sum + (listId === list.id ? actual : 0), 0),
    tasks: ticked.filter(({ listId }) => listId === list.id),
  }));
  return { goals, lists: lists.filter(({ minutes, tasks }) => minutes + tasks.length > 0) };
}

/** How many days are looked ahead. */
const AHEAD = 14;

/** Something that is to be done by an instant (epoch ms), and whether it has a place in the plan. */
export type Deadline = { readonly task: Task; readonly at: number; readonly isPlaced: boolean };

export type WeeksAhead = {
  readonly days: readonly { readonly date: IsoDate; readonly load: Load }[];
  readonly deadlines: readonly Deadline[];
  /** What takes days whole, each once, by its first day. */
  readonly wholeDays: readonly Occurrence[];
  /** The frame that holds in each of the two weeks; '' for none. */
  readonly frames: readonly { readonly week: IsoDate; readonly name: string }[];
};

/** What the two weeks from a day on hold. */
export function weeksAhead(workspace: Workspace, from: IsoDate, zone: Zone, now: number): WeeksAhead {
  const dates = datesFrom(from, AHEAD);
  const today = dateOf(now, zone);
  const end = dayOf(addDays(from, AHEAD - 1), zone).to;
  const placed = placedAhead(workspace, today, zone, now);
  const deadlines = openOnes(workspace, today, zone)
    .filter((task) => !isWhole(workspace, task.id))
    .map((task) => ({
      task,
      at: lastInstant(task, workspace.events, zone),
      isPlaced: placed.has(task.id),
    }))
    .filter(({ at }) => at <= end)
    .sort((a, b) => a.at - b.at);
  const whole = dates.flatMap((date) => occurrencesShown(workspace, date, zone).filter(takesDays));
  return {
    days: dates.map((date) => ({ date, load: dayPlan(workspace, date, zone).load })),
    deadlines,
    wholeDays: [...new Map(whole.map((event) => [event.id, event])).values()],
    frames: [from, addDays(from, 7)].map((week) => ({ week, name: frameOf(workspace, week)?.name ?? '' })),
  };
}
