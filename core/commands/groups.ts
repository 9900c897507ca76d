import type { Id } from '../model/common';
import { command, CommandFailed, existing, put, without } from './command';
import { outOfInbox } from './plan';
import { commandOn } from './touching';
import { touched } from '../tasks/repeating';

/** Lets a block hold small tasks. */
export const makeGroup = commandOn('make a group', 'id', (workspace, { id }: { id: Id }) => {
  const block = existing(workspace.blocks, id, 'block');
  return block.holds ? workspace : put(workspace, 'blocks', { ...block, holds: [] });
});

type Hold = {
  readonly id: Id;
  readonly taskId: Id;
  readonly blockId?: Id | undefined;
  readonly trayId?: Id | undefined;
};

/** Puts a task into a group block, out of the block or the tray that it lay in. Fails for the group's own task. */
export const holdTask = command('put into the group', (workspace, { id, taskId, blockId, trayId }: Hold) => {
  const ready = outOfInbox(touched(touched(workspace, id), taskId), taskId);
  const group = existing(ready.blocks, id, 'block');
  if (group.taskId === taskId) throw new CommandFailed('A group cannot hold itself.');
  const { holds = [] } = group;
  const offBlock = without(ready, 'blocks', blockId === undefined || blockId === id ? [] : [blockId]);
  const left = without(offBlock, 'tray', trayId === undefined ? [] : [trayId]);
  return holds.includes(taskId) ? left : put(left, 'blocks', { ...group, holds: [...holds, taskId] });
});

/** Puts several tasks into a group block in one step. */
export const holdAll = command('put into the group', (workspace, { held }: { held: readonly Hold[] }) =>
  held.reduce(holdTask.apply, workspace),
);

/** Takes a task out of a group block, back to its list. */
export const releaseTask = command(
  'take out of the group',
  (workspace, { id, taskId }: { id: Id; taskId: Id }) => {
    const group = existing(workspace.blocks, id, 'block');
    return put(workspace, 'blocks', {
      ...group,
      holds: (group.holds ?? []).filter((held) => held !== taskId),
    });
  },
);
