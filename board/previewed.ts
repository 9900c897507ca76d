import { create } from 'zustand';
import type { Id } from '@/core/model/common';

/** The blocks that are only proposed, each with why it lies there; nothing of them counts yet. */
export const usePreviewed = create<{ readonly why: ReadonlyMap<Id, string> }>(() => ({ why: new Map() }));
