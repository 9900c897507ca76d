import type { Block, Subject } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { blocksIn, entriesIn, spanOfBlock } from '../plan/dayPlan';
import { occurrencesShown } from '../calendar/layers';
import { heldTasks, shareOf } from '../plan/group';
import { MINUTE, intersect, minutesOf, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { spanOfEntry, subjectKey, subjectTitle } from '../track/spent';

/** Planned and actual of one task, meeting or unplanned thing on one day, in whole minutes. */
export type LedgerRow = {
  readonly key: string;
  readonly subject: Subject;
  readonly title: string;
  readonly planned: number;
  readonly actual: number;
  /** actual − planned. */
  readonly drift: number;
  /** Where the row first stands in the day, epoch ms. */
  readonly from: number;
};

/** The sums of a day. actual − planned = over − under − notStarted + unplanned, to the minute. */
export type LedgerSums = {
  readonly planned: number;
  readonly actual: number;
  readonly drift: number;
  /** Minutes beyond the plan, on what was planned and begun. */
  readonly over: number;
  /** Minutes short of the plan, on what was planned and begun. */
  readonly under: number;
  /** Planned minutes of what was never begun. */
  readonly notStarted: number;
  /** Minutes on what nobody planned for the day. */
  readonly unplanned: number;
};

export type Ledger = { readonly rows: readonly LedgerRow[]; readonly sums: LedgerSums };

type Gathered = { subject: Subject; title: string; planned: Span[]; actual: Span[] };

/**
 * The ledger of a day: all blocks, busy meetings and time entries, cut at midnight. What overlaps within one row
 * counts once. Each row is rounded to whole minutes before anything is summed, so that the sums always add up.
 */
export function ledger(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Ledger {
  const day = dayOf(date, zone);
  const gathered = new Map<string, Gathered>();
  const add = (subject: Subject, title: string, lane: 'planned' | 'actual', span: Span) => {
    const key = subjectKey(subject);
    const row = gathered.get(key) ?? { subject, title, planned: [], actual: [] };
    row[lane].push(...intersect([span], [day]));
    gathered.set(key, row);
  };
  for (const meeting of occurrencesShown(workspace, date, zone)) {
    if (!meeting.busy || meeting.allDay) continue;
    add({ kind: 'event', occurrence: meeting.id, title: meeting.title }, meeting.title, 'planned', meeting);
  }
  for (const block of blocksIn(workspace.blocks, day)) {
    for (const { taskId, span } of sharesOf(block, workspace.tasks)) {
      const subject: Subject = { kind: 'task', taskId };
      add(subject, subjectTitle(subject, workspace.tasks), 'planned', span);
    }
  }
  for (const entry of entriesIn(workspace.entries, day, now)) {
    add(entry.subject, subjectTitle(entry.subject, workspace.tasks), 'actual', spanOfEntry(entry, now));
  }
  const rows = [...gathered].map(toRow).filter(({ planned, actual }) => planned > 0 || actual > 0);
  rows.sort((a, b) => a.from - b.from);
  return { rows, sums: sumsOf(rows) };
}

/** How a block's time is shared out: to the tasks that it holds one after the other, the rest to its own. */
function sharesOf(block: Block, tasks: Workspace['tasks']): { taskId: string; span: Span }[] {
  const whole = spanOfBlock(block);
  let { from } = whole;
  const held = heldTasks(block, tasks).map((task) => {
    const to = Math.min(whole.to, from + shareOf(task) * MINUTE);
    const share = { taskId: task.id, span: { from, to } };
    from = to;
    return share;
  });
  return [...held, { taskId: block.taskId, span: { from, to: whole.to } }].filter(
    ({ span }) => span.to > span.from,
  );
}

function toRow([key, { subject, title, planned, actual }]: [string, Gathered]): LedgerRow {
  const [plannedMinutes, actualMinutes] = [minutesOf(planned), minutesOf(actual)];
  return {
    key,
    subject,
    title,
    planned: plannedMinutes,
    actual: actualMinutes,
    drift: actualMinutes - plannedMinutes,
    from: Math.min(...[...planned, ...actual].map(({ from }) => from)),
  };
}

/** The sums over any rows. */
export function sumsOf(rows: readonly LedgerRow[]): LedgerSums {
  const sum = (value: (row: LedgerRow) => number) => rows.reduce((total, row) => total + value(row), 0);
  const begun = (row: LedgerRow) => row.planned > 0 && row.actual > 0;
  return {
    planned: sum(({ planned }) => planned),
    actual: sum(({ actual }) => actual),
    drift: sum(({ drift }) => drift),
    over: sum((row) => (begun(row) ? Math.max(0, row.drift) : 0)),
    under: sum((row) => (begun(row) ? Math.max(0, -row.drift) : 0)),
    notStarted: sum((row) => (row.actual === 0 ? row.planned : 0)),
    unplanned: sum((row) => (row.planned === 0 ? row.actual : 0)),
  };
}
