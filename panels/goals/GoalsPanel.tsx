import { Goals } from '../parts/Goals';
import type { Panel, Panels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** The goals of the week of a date, and of its month and quarter. */
    goals: { readonly date: string };
  }
}

export const goals: Panel<Panels['goals']> = { useTitle: () => 'Goals', Content: Goals };
