import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** What the plan shows, and what gives it its colours. */
    lens: object;
    /** All views to choose from. */
    views: object;
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
    views: async () => ({ useTitle: () => 'View', Content: (await import('./Views')).Views }),
    intentions: async () => ({
      useTitle: () => 'Intentions',
      Content: (await import('./Intentions')).Intentions,
    }),
  });
