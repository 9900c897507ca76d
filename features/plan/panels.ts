import { dateWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** What the plan shows, and what gives it its colours. */
    lens: object;
    /** What else can be done with the plan, on a phone. */
    planMore: { readonly date: string; readonly hasSeal: boolean };
    /** All views to choose from. */
    views: object;
    /** What a day holds, on a phone. */
    daySheet: { readonly date: string };
    /** What a day and its week are meant for. */
    intentions: { readonly date: string };
  }
}

export const registerPlanPanels = () =>
  registerPanels({
    lens: async () => ({
      useTitle: () => 'What the plan shows',
      Content: (await import('./Lens')).Lens,
    }),
    daySheet: async () => ({
      useTitle: ({ date }) => dateWords(date, useWorkspace().settings),
      Content: (await import('./DaySheet')).DaySheet,
    }),
    planMore: async () => ({ useTitle: () => 'More', Content: (await import('./More')).More }),
    views: async () => ({ useTitle: () => 'View', Content: (await import('./Views')).Views }),
    intentions: async () => ({
      useTitle: () => 'Intentions',
      Content: (await import('@/panels/parts/Intentions')).Intentions,
    }),
  });
