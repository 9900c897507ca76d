import { keepOurs, takeTheirs } from '@/core/commands/accounts';
import type { Asked } from '@/core/outside/asked';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { toggleDone } from '../tasks';

/** What stands here goes out, over what stands there; a task that is gone there becomes one's own. */
export function keepHere({ id, title, kind }: Asked): void {
  const words = kind === 'task' ? `${title} is your own task now` : `${title} goes out as it stands here`;
  store.run(keepOurs, { id }, words);
}

/** What stands there is taken; with `both` what stands here becomes an event of its own beside it. */
export function takeThere({ id, title, kind, there, mark }: Asked, both = false): void {
  const taken = there ? `${title} is as it stands there` : `Deleted ${title} here, too`;
  const words = both ? `${title} is there twice now, as it stands here and there` : taken;
  const apart = both ? newId() : undefined;
  store.run(takeTheirs, { id, event: kind === 'task' ? null : (there ?? null), mark, apart }, words);
}

/** A task that is gone there is done here. */
export function doneHere({ id }: Asked): void {
  const task = currentWorkspace().tasks.get(currentWorkspace().counterparts.get(id)?.of ?? '');
  store.run(keepOurs, { id });
  if (task) toggleDone(task);
}
