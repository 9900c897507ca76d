import type { Panel, Panels } from '@/ui/panels';
import { Categories } from './Categories';

declare module '@/ui/panels' {
  interface Panels {
    categories: object;
  }
}

export const categories: Panel<Panels['categories']> = { useTitle: () => 'Categories', Content: Categories };
