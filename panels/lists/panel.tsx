import type { Panel, Panels } from '@/ui/panels';
import { Lists } from './Lists';

declare module '@/ui/panels' {
  interface Panels {
    lists: object;
  }
}

export const lists: Panel<Panels['lists']> = { useTitle: () => 'Lists', Content: Lists };
