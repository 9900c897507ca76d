import type { Id } from '../model/common';
import { goalSpans, type Goal } from '../model/goal';
import type { Workspace } from '../model/workspace';
import { countsFor } from '../tasks/goals';
import { inRank } from '../tasks/order';
import { stretchAround } from '../time/stretch';
import { weekOf } from '../time/week';
import { addDays, type IsoDate } from '../time/zone';
import type { LedgerRow } from './ledger';

/** What a goal got in a stretch of time, in minutes. */
export type GoalOver = {
  readonly id: Id;
  readonly title: string;
  readonly category: Id | undefined;
  readonly span: Goal['span'];
  readonly isReached: boolean;
  /** What was meant for it in the weeks, months or quarters that lie in the stretch; null where none was said. */
  readonly meant: number | null;
  readonly done: number;
  /** What was done in each of the weeks. */
  readonly weeks: readonly number[];
};

export type GoalsOver = {
  /** The first days of the weeks. */
  readonly weeks: readonly IsoDate[];
  /** Those of longer spans first. */
  readonly goals: readonly GoalOver[];
  /** What was done for any goal, and all that was done. */
  readonly done: number;
  readonly all: number;
};

/** What goals got in a stretch of days, week by week; `rows` are those of its ledger. */
export function goalsOver(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  first: IsoDate,
  last: IsoDate,
): GoalsOver {
  const { weekStart } = workspace.settings;
  const weeks: IsoDate[] = [];
  for (let week = weekOf(first, weekStart); week <= last; week = addDays(week, 7)) weeks.push(week);
  const placeOf = new Map(weeks.map((week, i) => [week, i]));
  const done = new Set<LedgerRow>();
  const worked = rows.filter(({ actual }) => actual > 0);
  const timesIn = (goal: Goal) =>
    goal.times.filter(({ date }) => {
      const time = stretchAround(goal.span, date, weekStart);
      return time.first <= last && time.last >= first;
    });
  const goals = [...goalSpans].reverse().flatMap((span) =>
    inRank(workspace.goals)
      .filter((goal) => goal.span === span && timesIn(goal).length > 0)
      .map((goal): GoalOver => {
        const own = worked.filter(countsFor(workspace, goal));
        own.forEach((row) => done.add(row));
        const byWeek = weeks.map(() => 0);
        for (const { date, actual } of own) {
          const place = placeOf.get(weekOf(date, weekStart)) ?? 0;
          byWeek[place] = (byWeek[place] ?? 0) + actual;
        }
        const whole = timesIn(goal).filter(({ date }) => {
          const time = stretchAround(span, date, weekStart);
          return time.first >= first && time.last <= last;
        });
        const said = whole.flatMap(({ minutes }) => minutes ?? []);
        return {
          id: goal.id,
          title: goal.title,
          category: goal.category,
          span,
          isReached: goal.doneAt !== null,
          meant: said.length === 0 ? null : said.reduce((sum, minutes) => sum + minutes, 0),
          done: byWeek.reduce((sum, minutes) => sum + minutes, 0),
          weeks: byWeek,
        };
      }),
  );
  const sum = (of: Iterable<LedgerRow>) => [...of].reduce((total, { actual }) => total + actual, 0);
  return { weeks, goals, done: sum(done), all: sum(worked) };
}
