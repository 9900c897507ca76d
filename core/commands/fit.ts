import type { Id } from '../model/common';
import type { Block } from '../model/plan';
import { tasksOfBlock } from '../tasks/places';
import type { IsoDate } from '../time/zone';
import { command, put, without } from './command';
import { outOfInbox } from './plan';

type Laying = {
  readonly blocks: readonly Block[];
  /** Blocks that are no longer needed. */
  readonly off: readonly Id[];
  /** The first day: what lies in trays from it on goes onto its hours. */
  readonly from: IsoDate;
};

/** Puts the blocks of a plan where they belong, new ones and such as stood elsewhere, in one step. */
export const layPlan = command('lay the plan', (workspace, { blocks, off, from }: Laying) => {
  const tasks = blocks.flatMap(tasksOfBlock);
  const ready = tasks.reduce(outOfInbox, without(workspace, 'blocks', off));
  const lying = ready.tray.values().filter(({ taskId, date }) => date >= from && tasks.includes(taskId));
  return put(
    without(
      ready,
      'tray',
      lying.map(({ id }) => id),
    ),
    'blocks',
    ...blocks,
  );
});
