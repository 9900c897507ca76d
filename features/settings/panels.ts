import type { Id } from '@/core/model/common';
import { later } from '@/ui/later';
import { registerPanels } from '@/ui/panels';

const contents = later(() => import('./contents'));

declare module '@/ui/panels' {
  interface Panels {
    /** What goes out as a calendar file. */
    exportCalendar: object;
    /** How a subscribed calendar stands. */
    feed: { readonly calendarId: Id };
    subscribe: object;
  }
}

export const registerSettingsPanels = () =>
  registerPanels({
    exportCalendar: async () => (await contents.load()).exportCalendar,
    feed: async () => (await contents.load()).feed,
    subscribe: async () => (await contents.load()).subscribe,
  });
