import type { Panel, Panels } from '@/ui/panels';
import { NewEvent } from './NewEvent';

declare module '@/ui/panels' {
  interface Panels {
    /** Something new at an instant (epoch ms), so many minutes long. */
    newEvent: { readonly from: number; readonly minutes: number };
  }
}

export const newEvent: Panel<Panels['newEvent']> = { useTitle: () => 'New', Content: NewEvent };
