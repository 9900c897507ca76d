import type { Block } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { dayPlan, minutesOn } from './dayPlan';
import { inPockets } from './placing';
import { taskOf } from '../tasks/places';
import { minutesSpent } from '../track/spent';
import { dayOf, type IsoDate, type Zone } from '../time/zone';

/** A block to move from a day that has too much, and where it fits. */
export type Relief = {
  readonly block: Block;
  readonly title: string;
  /** Epoch ms. */
  readonly start: number;
  /** Minutes that the day gains by it. */
  readonly gains: number;
};

/** By how many minutes a day has more planned than room; 0 when it fits. */
export const overloadOn = (workspace: Workspace, date: IsoDate, zone: Zone): number =>
  Math.max(0, -dayPlan(workspace, date, zone).load.free);

/**
 * The steps that would help most on a day that has more planned than room: blocks of different tasks that can still be
 * moved, each to its first pocket on a later day that none before it takes. Those that are just long enough come first, then
 * the longest.
 */
export function reliefs(workspace: Workspace, date: IsoDate, zone: Zone, now: number, most = 3): Relief[] {
  const over = overloadOn(workspace, date, zone);
  if (over === 0) return [];
  const day = dayOf(date, zone);
  const later = Math.max(now, day.to);
  const movable = dayPlan(workspace, date, zone).blocks.flatMap((block) => {
    const task = taskOf(workspace, block.taskId);
    const begun = block.start < now && minutesSpent(workspace.entries, block.taskId, now) > 0;
    return task && task.doneAt === null && !begun
      ? [{ block, title: task.title, gains: minutesOn(day, block) }]
      : [];
  });
  const rank = (gains: number) => (gains >= over ? gains - over : 10_000 - gains);
  const ordered = movable
    .sort((a, b) => rank(a.gains) - rank(b.gains) || a.block.start - b.block.start)
    .filter(({ block }, i, all) => all.findIndex(({ block: { taskId } }) => taskId === block.taskId) === i);
  const places = inPockets(
    workspace,
    ordered.map(({ block: { taskId, minutes } }) => ({ taskId, minutes })),
    zone,
    later,
  );
  return ordered
    .flatMap((move) => {
      const place = places.find(({ taskId }) => taskId === move.block.taskId);
      return place ? [{ ...move, start: place.start }] : [];
    })
    .slice(0, most);
}
