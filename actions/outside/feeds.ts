import { refreshCalendar, subscribe } from '@/core/commands/refreshing';
import type { FeedReading } from '@/core/formats/readFeed';
import type { Id } from '@/core/model/common';
import { meetingHours } from '@/core/model/event';
import {
  feedInVain,
  newFeed,
  SOURCE,
  unchanged,
  wasRead,
  type Feed,
  type Outcome,
} from '@/core/outside/feed';
import { usualList } from '@/core/tasks/lists';
import { here } from '@/state/here';
import { addFeed, changeFeed, outside } from '@/state/outside';
import { newId, realWorkspace, store } from '@/state/workspaceStore';
import { readFeedText, Unusable } from '@/workers/fileReader';
import { hueFor } from '../files/colourNames';
import { ask } from './ask';
import { tell } from './tell';

type Read = {
  readonly reading: FeedReading;
  readonly version: Pick<Feed, 'etag' | 'modified' | 'says' | 'address'>;
};
type Look = { readonly kind: 'read' } & Read;

/** Asks for a calendar, and reads what has changed in it; what is known of its events is compared by their marks. */
async function look(
  { address, etag, modified }: Feed,
  known: ReadonlyMap<string, string>,
): Promise<Look | Outcome> {
  const { now, zone } = here();
  const heard = await ask(
    {
      method: 'GET',
      address,
      headers: {
        accept: 'text/calendar',
        ...(etag ? { 'if-none-match': etag } : {}),
        ...(modified ? { 'if-modified-since': modified } : {}),
      },
    },
    now,
  );
  if (heard.kind === 'refused' || heard.status !== 200) return heard;
  try {
    const reading = await readFeedText(heard.text, zone, known);
    const { etag: tag, modified: since, address: home } = heard;
    return {
      kind: 'read',
      reading,
      version: { etag: tag, modified: since, says: reading.says, address: home },
    };
  } catch (error) {
    if (error instanceof Unusable) return { kind: 'refused', why: 'noCalendar' };
    throw error;
  }
}

/** The marks of what a calendar said of its events last, by UID. */
const marksOf = (calendarId: Id): Map<string, string> =>
  new Map(
    [...(realWorkspace().events.parts.get(calendarId)?.values() ?? [])].flatMap(({ uid, readAs }) =>
      readAs === undefined ? [] : [[uid, readAs]],
    ),
  );

const refreshOf = ({ events, gone, tasks, kept }: FeedReading) => ({
  ...{ events, gone, tasks, kept },
  listId: usualList(realWorkspace()).id,
  at: here().now,
});

/** Takes over what has changed in a calendar, and tells what that does to the plan. */
function take(calendarId: Id, reading: FeedReading): void {
  const before = realWorkspace();
  if (!before.calendars.has(calendarId)) return;
  const step = store.bring(refreshCalendar, { ...refreshOf(reading), calendarId });
  const uids = [...reading.events.map(({ uid }) => uid), ...reading.gone];
  if (step) tell(calendarId, before, step, { events: uids.map((uid) => `${calendarId}/${uid}`) });
}

/**
 * Asks for a subscribed calendar and takes over what has changed. What fails leaves all as it is. A calendar that comes back
 * without any event is taken for one only if it is said so by `evenEmpty`.
 */
export async function refresh(calendarId: Id, evenEmpty = false): Promise<void> {
  const feed = outside().feeds.find((one) => one.calendarId === calendarId);
  if (!feed || !realWorkspace().calendars.has(calendarId)) return;
  const known = marksOf(calendarId);
  const found = await look(
    feed.trouble?.why === 'empty' ? { ...feed, etag: null, modified: null } : feed,
    known,
  );
  const { now } = here();
  if (found.kind !== 'read')
    return changeFeed(calendarId, (one) =>
      found.kind === 'answered' && found.status === 304 ? unchanged(one, now) : feedInVain(one, found, now),
    );
  const { reading, version } = found;
  if (reading.size === 0 && known.size > 0 && !evenEmpty)
    return changeFeed(calendarId, (one) => feedInVain(one, { kind: 'refused', why: 'empty' }, now));
  take(calendarId, reading);
  changeFeed(calendarId, (one) => wasRead(one, version, now));
}

/** What stands at an address, before it is subscribed to; or why nothing does. */
export const lookAt = (address: string): Promise<Look | Outcome> => look(newFeed('new', address), new Map());

type Wanted = { readonly name: string; readonly around: boolean };

/** Subscribes to what was found at an address. */
export function subscribeTo({ reading, version }: Read, { name, around }: Wanted): void {
  const { now } = here();
  const calendar = {
    id: newId(),
    name,
    source: SOURCE,
    hue: hueFor(reading.color, realWorkspace().calendars.size),
    kept: [],
    ...(around && { around }),
    ...(around && reading.zone && { hours: { ...meetingHours, zone: reading.zone } }),
  };
  const { size } = reading;
  const words = `Subscribed to ${name}: ${size} ${size === 1 ? 'event' : 'events'}`;
  if (!store.run(subscribe, { calendar, refresh: refreshOf(reading) }, words)) return;
  addFeed(wasRead(newFeed(calendar.id, version.address), version, now));
}

/** Asks for a calendar at an address from now on, be it another one or the first on this device. */
export function askAt(calendarId: Id, address: string): void {
  const known = outside().feeds.find((feed) => feed.calendarId === calendarId);
  addFeed({ ...newFeed(calendarId, address), every: known?.every ?? null });
  void refresh(calendarId);
}
