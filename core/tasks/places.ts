import type { Id } from '../model/common';
import { groupedBy } from '../model/collection';
import { latestByPart, nearby } from '../model/nearby';
import type { Block, Subject, TrayItem } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { DAY, MINUTE, spanFrom, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { inTray, nextTimes, timesIn, untouchedTime } from './repeating';

/*
 * Where tasks stand in the plan: blocks and trays, those that are stored and those that the rule of a repeating task
 * gives, for any range.
 */

/** The stretch of time that a block takes, or would take. */
export const spanOfBlock = (block: Pick<Block, 'start' | 'minutes'>): Span => spanFrom(block);

/** A task by its id, a time of a repeating one included. */
export const taskOf = ({ tasks, repeats }: Workspace, id: string) =>
  tasks.get(id) ?? untouchedTime(repeats, id)?.task;

/** What time is planned for or spent on, by name; a deleted task is still counted. */
export const subjectTitle = (subject: Subject, workspace: Workspace): string =>
  subject.kind === 'task' ? (taskOf(workspace, subject.taskId)?.title ?? 'A deleted task') : subject.title;

/** A block by its id, that of a time to come included. */
export const blockOf = ({ blocks, repeats }: Workspace, id: string): Block | undefined =>
  blocks.get(id) ?? untouchedTime(repeats, id)?.block;

/** Everything that a block is there for: its own task and those it holds. */
export const tasksOfBlock = ({ taskId, holds = [] }: Block): Id[] => [taskId, ...holds];

/** Whether all that a block is there for is done. */
export const isDone = (workspace: Workspace, block: Block): boolean =>
  tasksOfBlock(block).every((id) => (taskOf(workspace, id)?.doneAt ?? null) !== null);

/** A place in a tray by its id, that of a time to come included. */
export const trayItemOf = ({ tray, repeats }: Workspace, id: string): TrayItem | undefined =>
  tray.get(id) ?? untouchedTime(repeats, id)?.item;

const blocksNear = nearby<Block>(spanOfBlock);

/** The blocks that touch a stretch of time, by start. */
export function blocksIn({ blocks, repeats }: Workspace, range: Span, zone: Zone): Block[] {
  const stored = blocksNear.in(blocks, range);
  const given = repeats.values().flatMap((repeating) => {
    if (inTray(repeating)) return [];
    const longest = Math.ceil((repeating.minutes * MINUTE) / DAY) * DAY;
    return timesIn(repeating, { from: range.from - longest, to: range.to }, zone).flatMap(({ block }) =>
      block && block.start + block.minutes * MINUTE > range.from ? [block] : [],
    );
  });
  return given.length === 0 ? stored : [...stored, ...given].sort((a, b) => a.start - b.start);
}

/** What the blocks of a stretch of time depend on, to be compared as objects. */
export const readsBlocks = ({ blocks, repeats }: Workspace, range: Span): readonly unknown[] => [
  ...blocksNear.parts(blocks, range),
  repeats,
];

const storedOn = groupedBy<TrayItem>(({ date }) => date);

/** What lies in the tray of a day. */
export function trayOn({ tray, repeats }: Workspace, date: IsoDate, zone: Zone): TrayItem[] {
  const day = dayOf(date, zone);
  const given = repeats
    .values()
    .flatMap((repeating) => (inTray(repeating) ? timesIn(repeating, day, zone) : []))
    .flatMap(({ item }) => item ?? []);
  return [...storedOn(tray, date), ...given];
}

const storedOfTask = groupedBy<Block>(({ taskId }) => taskId);
const storedTrayOfTask = groupedBy<TrayItem>(({ taskId }) => taskId);

/** The blocks of a task, in no order. */
export const blocksOfTask = ({ blocks, repeats }: Workspace, taskId: string): Block[] => [
  ...storedOfTask(blocks, taskId),
  ...[untouchedTime(repeats, taskId)?.block ?? []].flat(),
];

/** Minutes of a task that lie in blocks of the plan, past ones included. */
export const minutesPlanned = (workspace: Workspace, taskId: string): number =>
  blocksOfTask(workspace, taskId).reduce((sum, { minutes }) => sum + minutes, 0);

/** The last place that a task has in the plan: its latest block, else a tray. */
export function lastPlaceOf(workspace: Workspace, taskId: string): Block | TrayItem | undefined {
  const [latest] = blocksOfTask(workspace, taskId).sort((a, b) => b.start - a.start);
  return (
    latest ?? storedTrayOfTask(workspace.tray, taskId)[0] ?? untouchedTime(workspace.repeats, taskId)?.item
  );
}

const endingFrom = latestByPart((block: Block) => spanOfBlock(block).to);
const lyingFrom = latestByPart(({ date }: TrayItem) => date);

/** Where a task stands from now on: its blocks that are still to end, groups that hold it, its trays from `today` on. */
export function placesAhead({ blocks, tray }: Workspace, id: string, today: IsoDate, now: number) {
  const ending = endingFrom(blocks, now + 1);
  return {
    blocks: ending.filter(({ taskId }) => taskId === id),
    groups: ending.filter(({ holds = [] }) => holds.includes(id)),
    items: lyingFrom(tray, today).filter(({ taskId }) => taskId === id),
  };
}

/** How far ahead the blocks of a task are looked for. */
const AHEAD = 28 * DAY;

/** The blocks of some tasks that begin from `now` on, within four weeks, by start; those that a rule gives included. */
export const blocksAhead = (
  workspace: Workspace,
  taskIds: readonly string[],
  zone: Zone,
  now: number,
): Block[] =>
  blocksIn(workspace, { from: now, to: now + AHEAD }, zone).filter(
    ({ taskId, start }) => start >= now && taskIds.includes(taskId),
  );

/** The ids of all tasks that have a place ahead: a block that ends after `now`, or a tray from `today` on. */
export function placedAhead(workspace: Workspace, today: IsoDate, zone: Zone, now: number): Set<string> {
  return new Set([
    ...endingFrom(workspace.blocks, now + 1).flatMap(({ taskId, holds = [] }) => [taskId, ...holds]),
    ...lyingFrom(workspace.tray, today).map(({ taskId }) => taskId),
    // the next time of a repeating task has the place that its rule gives it
    ...nextTimes(workspace, today, zone).flatMap(({ task, block }) =>
      block && spanOfBlock(block).to <= now ? [] : [task.id],
    ),
  ]);
}
