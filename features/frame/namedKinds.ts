import { create } from 'zustand';
import type { Brush } from '@/core/frame/kinds';

/** Kinds that were named and not painted yet; they last as long as the page. */
export const useNamedKinds = create<{ readonly brushes: readonly Brush[] }>(() => ({ brushes: [] }));
