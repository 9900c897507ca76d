import type { Target } from '../model/frame';
import type { Id } from '../model/common';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import type { IsoDate } from '../time/zone';
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
};

export type TargetOverWeeks = { readonly category: Id; readonly weeks: readonly TargetWeek[] };

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
): TargetOverWeeks[] {
  const weeks = wholeWeeks(rows, workspace.settings.weekStart, span);
  const isOf = (category: Id, row: LedgerRow) =>
    row.subject.kind === 'task' && taskOf(workspace, row.subject.taskId)?.category === category;
  return workspace.targets.values().map(({ category }) => ({
    category,
    weeks: weeks.flatMap(({ week, rows: all }): TargetWeek[] => {
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
        },
      ];
    }),
  }));
}

function targetIn(workspace: Workspace, category: Id, week: IsoDate): Target | undefined {
  const seal = sealOn(workspace, week);
  return seal ? seal.targets.find((target) => target.category === category) : workspace.targets.get(category);
}
