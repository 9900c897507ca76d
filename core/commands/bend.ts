import type { Id } from '../model/common';
import { command, existing, put } from './command';
import { moveAll } from './plan';
import { commandOn } from './touching';

/** Moves the rest of a day along: each block gets the start (epoch ms) and the minutes that are given. */
export const bendDay = command('move the rest', moveAll.apply);

/** Pins a block, so that it stays where it is when the rest of a day moves along, or lets it go. */
export const pinBlock = commandOn('pin', 'id', (workspace, { id, pinned }: { id: Id; pinned: boolean }) => {
  const { pinned: _, ...block } = existing(workspace.blocks, id, 'block');
  return put(workspace, 'blocks', pinned ? { ...block, pinned: true } : block);
});
