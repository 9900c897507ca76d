import type { Table } from '@/core/formats/reviewTables';
import type { ReviewAsked } from '@/core/review/asked';
import type { Subject } from '@/core/model/plan';
import { subjectTitle } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { registerPanels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** What Review shows, as a file, and a timesheet of the same stretch. */
    reviewOut: { readonly asked: ReviewAsked; readonly title: string; readonly table: Table };
    /** A category for what has none: for this, or by a rule for all that is alike. */
    giveCategory: { readonly subject: Subject };
    /** All pages about weeks, to be found and opened; one of them is open. */
    weekPages: { readonly chosen: string | null };
    /** What a page about a week begins with. */
    weekTemplate: object;
  }
}

export const registerReviewPanels = () =>
  registerPanels({
    reviewOut: async () => ({
      useTitle: () => 'Take the review out',
      Content: (await import('./TakeOut')).TakeOut,
    }),
    weekPages: async () => ({
      useTitle: () => 'Weekly pages',
      Content: (await import('./weekly/WeekPages')).WeekPages,
    }),
    weekTemplate: async () => ({
      useTitle: () => 'Template of the weekly page',
      Content: (await import('./weekly/WeekTemplate')).WeekTemplate,
    }),
    giveCategory: async () => ({
      useTitle: ({ subject }) => `A category for ${subjectTitle(subject, useWorkspace())}`,
      Content: (await import('./GiveCategory')).GiveCategory,
    }),
  });
