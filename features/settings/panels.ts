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
    /** The way to an account whose calendars are kept equal with those here. */
    connect: object;
    /** How a calendar of an account stands. */
    shelf: { readonly calendarId: Id };
    /** The way to a mailbox. */
    connectMailbox: object;
    /** How the mailbox stands. */
    mailboxSettings: object;
  }
}

export const registerSettingsPanels = () =>
  registerPanels({
    exportCalendar: async () => (await contents.load()).exportCalendar,
    feed: async () => (await contents.load()).feed,
    subscribe: async () => (await contents.load()).subscribe,
    connect: async () => (await contents.load()).connect,
    shelf: async () => (await contents.load()).shelf,
    connectMailbox: async () => (await contents.load()).connectMailbox,
    mailboxSettings: async () => (await contents.load()).mailboxSettings,
  });
