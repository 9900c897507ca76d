import type { Goal } from '../model/goal';
import { rememberedPer } from '../model/remember';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { roomFor } from '../plan/targets';
import type { LedgerRow } from '../review/ledger';
import { rowsIn } from '../review/rowsIn';
import { isWhole } from '../tasks/parts';
import { openOnes } from '../tasks/openTasks';
import { taskOf } from '../tasks/places';
import { intersect, minutesOf } from '../time/span';
import { daysOf, rangeOf, stretchAround, type Stretch } from '../time/stretch';
import { dateOf, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { atOnce } from '../working';
import { countsFor, goalsOf, isTaskOf, timeOn, withFeeders } from '../tasks/goals';

/** What a goal gets on one day, in minutes: planned, done, and what it will come to as things stand. */
export type GoalDay = {
  readonly date: IsoDate;
  readonly planned: number;
  readonly done: number;
  readonly expected: number;
};

/** How a goal stands in its week, month or quarter, in minutes. */
export type GoalStanding = {
  readonly goal: Goal;
  readonly stretch: Stretch;
  /** The minutes that are meant for it there; null for none said. */
  readonly meant: number | null;
  readonly days: readonly GoalDay[];
  readonly planned: number;
  readonly done: number;
  /** Done so far, and what is planned ahead. */
  readonly expected: number;
  /** Its tasks that are not done, and how many are. */
  readonly open: readonly Task[];
  readonly ticked: number;
  /** What is missing to what is meant; 0 when nothing is. */
  readonly short: number;
  /** The room that is left for it on each day that has some; of a week only. */
  readonly room: readonly { readonly date: IsoDate; readonly minutes: number }[];
  /** The part of `short` for which no room is left. */
  readonly beyond: number;
};

/** The rows of a stretch, planned time ahead included; weeks that are over are gone through once. */
const rowsOf = (workspace: Workspace, stretch: Stretch, zone: Zone, now: number): readonly LedgerRow[] =>
  atOnce(rowsIn(workspace, { range: rangeOf(stretch, zone), zone, now, yardstick: 'last' }));

/** How the goals of the week, month or quarter around a date stand. Time ahead counts from `now` (epoch ms) on. */
export function goalStandings(
  workspace: Workspace,
  span: Goal['span'],
  date: IsoDate,
  zone: Zone,
  now: number,
): GoalStanding[] {
  const goals = goalsOf(workspace, span, date);
  if (goals.length === 0) return [];
  const stretch = stretchAround(span, date, workspace.settings.weekStart);
  const key = `${span} ${stretch.first} ${zone} ${now}`;
  const answers = known(workspace);
  const found = answers.get(key) ?? standingsOf(workspace, goals, stretch, zone, now);
  if (answers.size >= MOST) answers.clear();
  answers.set(key, found);
  return found;
}

/** So many answers about one state of the data are kept, for all that show them. */
const MOST = 20;
const known = rememberedPer((_: Workspace) => new Map<string, GoalStanding[]>());

function standingsOf(
  workspace: Workspace,
  goals: readonly Goal[],
  stretch: Stretch,
  zone: Zone,
  now: number,
): GoalStanding[] {
  const rows = rowsOf(workspace, stretch, zone, now);
  return goals.map((goal) => standingOf(workspace, goal, stretch, rows, zone, now));
}

function standingOf(
  workspace: Workspace,
  goal: Goal,
  stretch: Stretch,
  rows: readonly LedgerRow[],
  zone: Zone,
  now: number,
): GoalStanding {
  const { first, last } = stretch;
  const own = rows.filter(countsFor(workspace, goal));
  const ahead = [{ from: now, to: Infinity }];
  const dates = datesFrom(first, daysOf(stretch));
  const days = dates.map((date): GoalDay => {
    const ofDay = own.filter((row) => row.date === date);
    const sum = (of: (row: LedgerRow) => number) => ofDay.reduce((total, row) => total + of(row), 0);
    const done = sum(({ actual }) => actual);
    return {
      date,
      planned: sum(({ planned }) => planned),
      done,
      expected: done + sum(({ spans }) => minutesOf(intersect(spans.planned, ahead))),
    };
  });
  const total = (of: 'planned' | 'done' | 'expected') => days.reduce((sum, day) => sum + day[of], 0);
  const meant = timeOn(goal, first, workspace.settings.weekStart)?.minutes ?? null;
  const expected = total('expected');
  const short = Math.max(0, (meant ?? 0) - expected);
  const isAsked = goal.span === 'week' && short > 0 && last >= dateOf(now, zone);
  const room = isAsked ? roomByDay(workspace, goal, dates, zone, now) : [];
  const possible = room.reduce((sum, { minutes }) => sum + minutes, 0);
  return {
    goal,
    stretch,
    meant,
    days,
    planned: total('planned'),
    done: total('done'),
    expected,
    open: openTasksOf(workspace, goal, dateOf(now, zone), zone),
    ticked: goal.tasks.filter((id) => (taskOf(workspace, id)?.doneAt ?? null) !== null).length,
    short,
    room,
    beyond: goal.span === 'week' ? Math.max(0, short - possible) : 0,
  };
}

const roomByDay = (
  workspace: Workspace,
  { category, lists: [listId = ''] }: Goal,
  dates: readonly IsoDate[],
  zone: Zone,
  now: number,
) =>
  dates
    .map((date) => ({
      date,
      minutes: minutesOf(roomFor(workspace, { category, listId }, [date], zone, now)),
    }))
    .filter(({ minutes }) => minutes > 0);

/** The tasks of a goal, or of those that feed it, that are still to be done; parts in the place of what is in parts. */
export function openTasksOf(workspace: Workspace, goal: Goal, today: IsoDate, zone: Zone): Task[] {
  const all = withFeeders(workspace, goal);
  return openOnes(workspace, today, zone).filter(
    (task) => !isWhole(workspace, task.id) && all.some((one) => isTaskOf(one, task)),
  );
}
