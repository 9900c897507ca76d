import type { Span } from '@/core/time/span';
import type { Panel, Panels } from '@/ui/panels';
import { FreedTime } from './FreedTime';

declare module '@/ui/panels' {
  interface Panels {
    /** What fits into pockets that have become free. */
    freed: { readonly freed: readonly Span[] };
  }
}

export const freed: Panel<Panels['freed']> = { useTitle: () => 'Freed time', Content: FreedTime };
