import { sequenceRead, type FeedReading } from '../formats/readFeed';
import { withCategories } from '../model/categories';
import type { Id } from '../model/common';
import type { Calendar } from '../model/event';
import { equal } from '../model/equal';
import { command, existing, forget, put } from './command';
import { eventRecord, incomingTasks } from './importing';

type Refresh = Pick<FeedReading, 'events' | 'gone' | 'tasks' | 'kept'> & {
  readonly calendarId: Id;
  /** The list that new tasks go to. */
  readonly listId: Id;
  /** Epoch ms. */
  readonly at: number;
};

type Subscription = { readonly calendar: Calendar; readonly refresh: Omit<Refresh, 'calendarId'> };

/** Adds a calendar with what it says when it is first asked. */
export const subscribe = command('subscribe', (workspace, { calendar, refresh }: Subscription) =>
  refreshCalendar.apply(put(workspace, 'calendars', calendar), { ...refresh, calendarId: calendar.id }),
);

/**
 * Takes over what a subscribed calendar says otherwise than it did: what is new or newer is written, what it no longer has
 * goes, unless it was made here. What it says as before is left as it stands here.
 */
export const refreshCalendar = command(
  'refresh',
  (workspace, { calendarId, events, gone, tasks, kept, listId, at }: Refresh) => {
    const calendar = existing(workspace.calendars, calendarId, 'calendar');
    const records = events.flatMap((event) => {
      const stored = workspace.events.get(`${calendarId}/${event.uid}`);
      // an older SEQUENCE than was read never overwrites a newer one (RFC 5546 2.1.5)
      return event.sequence < sequenceRead(stored) ? [] : [eventRecord(calendarId, event, stored)];
    });
    const ids = gone
      .map((uid) => `${calendarId}/${uid}`)
      .filter((id) => workspace.events.get(id)?.madeHere !== true);
    const same = equal(calendar.kept, kept);
    const withCalendar = same ? workspace : put(workspace, 'calendars', { ...calendar, kept: [...kept] });
    const cleared = forget(withCalendar, 'events', ids);
    const categories = records.flatMap((event) => event.categories);
    const withEvents = put(withCategories(cleared, categories), 'events', ...records);
    return put(withEvents, 'tasks', ...incomingTasks(workspace, calendarId, tasks, listId, at));
  },
);
