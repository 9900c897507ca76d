import type { Timed } from '@/core/plan/things';
import type { Panel, Panels } from '@/ui/panels';
import { CrowdList } from './CrowdList';

declare module '@/ui/panels' {
  interface Panels {
    /** What stands together on the strip, as there is no room for each. */
    crowd: { readonly items: readonly Timed[] };
  }
}

export const crowd: Panel<Panels['crowd']> = { useTitle: () => 'At the same time', Content: CrowdList };
