import { bendDay, pinBlock } from '@/core/commands/bend';
import type { Block } from '@/core/model/plan';
import type { BendProposal } from '@/core/plan/bend/proposal';
import { moveAll, type Moving } from '@/core/commands/plan';
import type { Bend, Shift } from '@/core/plan/bend/reflow';
import type { Id } from '@/core/model/common';
import { blocksAhead, taskOf } from '@/core/tasks/places';
import { dateOf, isDate } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';

/** Moves the rest of a day along as it was proposed, in one step. Returns whether it went through. */
export function bendAs({ moved, over }: BendProposal): boolean {
  const all = [...moved, ...over.flatMap(({ place }) => place ?? [])];
  const words = all.length === 1 ? 'One block has moved' : `${all.length} blocks have moved`;
  return store.run(bendDay, { shifts: all.map(moving) }, words);
}

/** Gives several blocks new hours in one step. Returns whether it went through. */
export const moveTogether = (shifts: readonly Shift[], words: string): boolean =>
  store.run(moveAll, { shifts: shifts.map(moving) }, words);

const moving = ({ block: { id }, start, minutes }: Shift): Moving => ({ id, start, minutes });

/** Pins a block where it is, or lets it go. */
export function togglePin({ id, taskId, pinned }: Block): void {
  const title = taskOf(currentWorkspace(), taskId)?.title ?? 'The block';
  const words = pinned ? `${title} can move again` : `${title} is pinned where it is`;
  store.run(pinBlock, { id, pinned: !pinned }, words);
}

/** The two blocks of two chosen tasks that can change places: the next of each, both ahead and on one day. */
export function swapOf(taskIds: readonly Id[]): readonly [Block, Block] | undefined {
  if (taskIds.length !== 2) return undefined;
  const { zone, now } = here();
  const ahead = blocksAhead(currentWorkspace(), taskIds, zone, now);
  const [first, second] = taskIds.map((id) => ahead.find(({ taskId }) => taskId === id));
  const fits = first && second && dateOf(first.start, zone) === dateOf(second.start, zone);
  return fits ? [first, second] : undefined;
}

/** Shows how two blocks would change places. */
export const openSwap = ([first, second]: readonly [Block, Block]): void =>
  openBend(dateOf(first.start, here().zone), { kind: 'swap', blockIds: [first.id, second.id] });

/** Shows how the rest of a day would move along; of a day that has passed, or that is none, that of today. */
export function openBend(day?: unknown, bend: Bend = { kind: 'late' }): void {
  const { zone, now } = here();
  const today = dateOf(now, zone);
  openPanel({
    kind: 'bend',
    date: typeof day === 'string' && isDate(day) && day > today ? day : today,
    bend,
  });
}
