import { useWorkspace } from '@/state/shown';
import type { Panel, Panels } from '@/ui/panels';
import { ExportCalendar } from './ExportCalendar';
import { Connect } from './outside/Connect';
import { ConnectMailbox } from './outside/ConnectMailbox';
import { FeedPanel } from './outside/FeedPanel';
import { MailboxSettings } from './outside/MailboxSettings';
import { ShelfPanel } from './outside/ShelfPanel';
import { Subscribe } from './outside/Subscribe';

/* What is opened from the settings: one piece of the application. */

export const exportCalendar: Panel<Panels['exportCalendar']> = {
  useTitle: () => 'Export as a calendar file',
  Content: ExportCalendar,
};

export const feed: Panel<Panels['feed']> = {
  useTitle: ({ calendarId }) => useWorkspace().calendars.get(calendarId)?.name ?? 'Subscribed calendar',
  Content: FeedPanel,
};

export const subscribe: Panel<Panels['subscribe']> = {
  useTitle: () => 'Subscribe to a calendar',
  Content: Subscribe,
};

export const connect: Panel<Panels['connect']> = {
  useTitle: () => 'Connect an account',
  Content: Connect,
};

export const shelf: Panel<Panels['shelf']> = {
  useTitle: ({ calendarId }) => useWorkspace().calendars.get(calendarId)?.name ?? 'Calendar of an account',
  Content: ShelfPanel,
};

export const connectMailbox: Panel<Panels['connectMailbox']> = {
  useTitle: () => 'Connect a mailbox',
  Content: ConnectMailbox,
};

export const mailboxSettings: Panel<Panels['mailboxSettings']> = {
  useTitle: () => 'Mailbox',
  Content: MailboxSettings,
};
