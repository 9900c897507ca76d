import { create } from 'zustand';
import type { Id } from '@/core/model/common';

/** The tasks that are chosen in the plan, to place or with a place there, in the order in which they were chosen. */
export const usePicked = create<{ readonly choosing: boolean; readonly ids: readonly Id[] }>(() => ({
  choosing: false,
  ids: [],
}));

/** Chooses a task, or leaves it out again. */
export const pick = (id: Id) =>
  usePicked.setState(({ ids }) => ({
    choosing: true,
    ids: ids.includes(id) ? ids.filter((other) => other !== id) : [...ids, id],
  }));

export const startChoosing = () => usePicked.setState({ choosing: true, ids: [] });
export const stopChoosing = () => usePicked.setState({ choosing: false, ids: [] });

/** Leaves out what there is nothing to do about any more. */
export function stillOpen(isOpen: (id: Id) => boolean): void {
  const { ids } = usePicked.getState();
  const left = ids.filter(isOpen);
  if (left.length < ids.length) usePicked.setState({ ids: left });
}
