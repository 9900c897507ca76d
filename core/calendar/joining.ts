import { bounds, shortened } from '../model/bounds';
import type { EventDetails } from '../model/event';
import { CALL } from '../model/link';
import type { Workspace } from '../model/workspace';
import { detailsAt, type Occurrence } from './occurrences';

/** A way to take part in a meeting: its address, and what that is called, '' for no name. */
export type Joining = { readonly uri: string; readonly label: string };

/** An address within other words. */
const WITHIN = /(?:https?:\/\/|tel:|sips?:)[^\s<>"'|\\]+/i;
/** What ends the sentence that an address stands in. */
const AFTER = /[.,;:!?)\]}]+$/;
/** So far into the notes an address is looked for, in characters. */
const LOOKED_AT = 10_000;

const addressIn = (text: string): string =>
  (WITHIN.exec(shortened(text, LOOKED_AT))?.[0] ?? '').replace(AFTER, '');

/** The URL of an event (RFC 5545, 3.8.4.6) among the lines that are kept of it. */
const urlOf = ({ kept }: EventDetails): string =>
  kept.flatMap((line) => /^URL(?:;[^:]*)?:(.+)$/i.exec(line)?.[1]?.trim() ?? [])[0] ?? '';

/**
 * How a meeting is joined, best first: as its file says (CONFERENCE, RFC 7986 5.11), else by its own URL, else by an address in
 * its place or its notes. Nothing that could run is among it.
 */
export function joinings(details: EventDetails): readonly Joining[] {
  const calls = details.calls.map(({ uri, label }) => ({ uri: uri.trim(), label }));
  const [other = ''] = [urlOf(details), addressIn(details.location), addressIn(details.notes)].filter(
    isJoined,
  );
  const found = calls.filter(({ uri }) => isJoined(uri));
  return found.length > 0 || other === '' ? found : [{ uri: other, label: '' }];
}

const isJoined = (uri: string): boolean => CALL.test(uri) && uri.length <= bounds.place;

/** How a meeting is joined, if it can be. */
export function joiningOf({ events }: Workspace, { eventId, recurrence }: Occurrence): Joining | undefined {
  const event = events.get(eventId);
  return event && joinings(detailsAt(event, recurrence))[0];
}
