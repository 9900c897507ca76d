import type { Occurrence } from '../calendar/occurrences';
import type { Block } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan, spanOfBlock } from '../plan/dayPlan';
import { pockets } from '../plan/placing';
import { toPlace } from '../tasks/toPlace';
import { MINUTE, lengthOf, type Span } from '../time/span';
import { dateOf, type Zone } from '../time/zone';

/** One thing in the sequence of a day: a meeting, a task's block, or a free pocket. */
export type DayItem = Span &
  (
    | { readonly kind: 'meeting'; readonly meeting: Occurrence }
    | { readonly kind: 'block'; readonly block: Block; readonly task: Task }
    | { readonly kind: 'pocket' }
  );

export type NowView = {
  /** What the plan has for this moment. */
  readonly current: readonly DayItem[];
  /** The next meeting or block of an open task today. */
  readonly next: DayItem | undefined;
  /** Whole minutes until `next` starts. */
  readonly minutesToNext: number | undefined;
  /** Unplaced or trayed open tasks whose estimate fits before `next`, best use of the time first. */
  readonly fits: readonly Task[];
  /** What comes after now, pockets of 15 minutes or more included, by start. */
  readonly rest: readonly DayItem[];
};

/** Meetings and blocks of a day in one sequence by time. */
export function sequence(workspace: Workspace, date: string, zone: Zone): DayItem[] {
  const { meetings, blocks } = dayPlan(workspace, date, zone);
  const ofMeetings = meetings.map((meeting): DayItem => ({
    kind: 'meeting',
    meeting,
    from: meeting.from,
    to: meeting.to,
  }));
  const ofBlocks = blocks.flatMap((block): DayItem[] => {
    const task = workspace.tasks.get(block.taskId);
    return task ? [{ kind: 'block', block, task, ...spanOfBlock(block) }] : [];
  });
  return [...ofMeetings, ...ofBlocks].sort((a, b) => a.from - b.from || a.to - b.to);
}

const isOpen = (item: DayItem) => item.kind !== 'block' || item.task.doneAt === null;

/** What is on now, what is next, what fits in before it, and the rest of the day. */
export function nowView(workspace: Workspace, zone: Zone, now: number): NowView {
  const today = dateOf(now, zone);
  const items = sequence(workspace, today, zone).filter(isOpen);
  const ahead = items.filter(({ from }) => from > now);
  const next = ahead[0];
  const minutesToNext = next && Math.ceil((next.from - now) / MINUTE);
  const gaps = pockets(workspace, today, zone, now)
    .filter((pocket) => lengthOf(pocket) >= 15)
    .map((pocket): DayItem => ({ kind: 'pocket', ...pocket }));
  return {
    current: items.filter(({ from, to }) => from <= now && now < to),
    next,
    minutesToNext,
    fits: minutesToNext === undefined ? [] : fitting(workspace, today, zone, now, minutesToNext),
    rest: [...ahead, ...gaps].sort((a, b) => a.from - b.from),
  };
}

function fitting(workspace: Workspace, today: string, zone: Zone, now: number, minutes: number): Task[] {
  const inTray = dayPlan(workspace, today, zone).tray.flatMap(
    ({ taskId }) => workspace.tasks.get(taskId) ?? [],
  );
  return [...inTray.filter(({ doneAt }) => doneAt === null), ...toPlace(workspace, today, zone, now)]
    .filter(({ estimate }) => estimate !== null && estimate <= minutes)
    .slice(0, 3);
}
