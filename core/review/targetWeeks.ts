import { stretchesWhere } from '../frame/belonging';
import type { Target } from '../model/frame';
import type { Id } from '../model/common';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import { intersect, minutesOf } from '../time/span';
import type { IsoDate, Zone } from '../time/zone';
import { wholeWeeks } from './inGroups';
import type { LedgerRow } from './ledger';

/** How a target fared in a week, in minutes. */
export type TargetWeek = {
  readonly week: IsoDate;
  readonly done: number;
  readonly least: number | null;
  readonly most: number | null;
  /** By how much too little or too much was done; both are 0 where it was kept. */
  readonly short: number;
  readonly over: number;
  /** What was planned for it and never begun. */
  readonly notStarted: number;
  /** By how much less is planned for it than when the week was sealed. */
  readonly takenOff: number;
  /** Meetings that lay in its zones. */
  readonly meetings: number;
};

/** How a target fared over some weeks: in the mean of the earlier half of them and of the later, from four weeks on. */
export type TargetOverWeeks = {
  readonly category: Id;
  readonly weeks: readonly TargetWeek[];
  readonly trend: { readonly earlier: number; readonly later: number } | null;
};

/** Fewer weeks make no trend. */
const TREND = 4;

const sum = (rows: readonly LedgerRow[], of: (row: LedgerRow) => number) =>
  rows.reduce((total, row) => total + of(row), 0);

/**
 * How each target fared in the whole weeks of some rows between two days, these included: the target that a sealed week had,
 * else the present one. As in the week itself, tasks of the category count.
 */
export function targetsOverWeeks(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  span: { readonly from: IsoDate; readonly until: IsoDate },
  zone: Zone,
): TargetOverWeeks[] {
  const weeks = wholeWeeks(rows, workspace.settings.weekStart, span);
  const isOf = (category: Id, row: LedgerRow) =>
    row.subject.kind === 'task' && taskOf(workspace, row.subject.taskId)?.category === category;
  return workspace.targets.values().map(({ category }) => {
    const told = weeks.flatMap(({ week, rows: all }): TargetWeek[] => {
      const target = targetIn(workspace, category, week);
      if (!target) return [];
      const own = all.filter((row) => isOf(category, row));
      const done = sum(own, ({ actual }) => actual);
      const { least, most } = target;
      return [
        {
          week,
          done,
          least,
          most,
          short: Math.max(0, (least ?? 0) - done),
          over: most === null ? 0 : Math.max(0, done - most),
          notStarted: sum(own, ({ planned, actual }) => (actual === 0 ? planned : 0)),
          takenOff: Math.max(
            0,
            sealedMinutes(workspace, category, week) - sum(own, ({ planned }) => planned),
          ),
          meetings: meetingsInZones(workspace, category, all, zone),
        },
      ];
    });
    return { category, weeks: told, trend: trendOf(told.map(({ done }) => done)) };
  });
}

/** The means of the earlier and the later half of some figures; of an odd number the one in the middle is in neither. */
function trendOf(figures: readonly number[]): TargetOverWeeks['trend'] {
  if (figures.length < TREND) return null;
  const half = Math.floor(figures.length / 2);
  const mean = (own: readonly number[]) => Math.round(own.reduce((total, one) => total + one, 0) / half);
  return { earlier: mean(figures.slice(0, half)), later: mean(figures.slice(-half)) };
}

/** Minutes of blocks for tasks of a category when their week was sealed; 0 of a week that was not. */
function sealedMinutes(workspace: Workspace, category: Id, week: IsoDate): number {
  const parts = sealOn(workspace, week)?.blocks.flatMap((block) => block.parts) ?? [];
  return parts
    .filter(({ taskId }) => taskOf(workspace, taskId)?.category === category)
    .reduce((total, { minutes }) => total + minutes, 0);
}

/** Minutes of planned meetings in zones that are meant for a category. */
function meetingsInZones(workspace: Workspace, category: Id, rows: readonly LedgerRow[], zone: Zone): number {
  const meetings = rows.filter(({ subject, planned }) => subject.kind === 'event' && planned > 0);
  const lost = meetings.flatMap(({ date, spans }) =>
    intersect(
      spans.planned,
      stretchesWhere(workspace, date, zone, (one) => one.category === category),
    ),
  );
  return minutesOf(lost);
}

function targetIn(workspace: Workspace, category: Id, week: IsoDate): Target | undefined {
  const seal = sealOn(workspace, week);
  return seal ? seal.targets.find((target) => target.category === category) : workspace.targets.get(category);
}
