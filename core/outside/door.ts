import { isAmong } from '../calendar/attendees';
import { zoneAround } from '../frame/belonging';
import { zoneTimes, zonesOn } from '../frame/zones';
import type { FrameZone } from '../model/frame';
import type { Request, Who } from '../model/request';
import type { Workspace } from '../model/workspace';
import { answerTo, eventOf, isCalledOff, spanOfAsked } from '../requests/receive';
import { knownPeople } from '../people/known';
import { intersect, lengthOf, overlaps, type Span } from '../time/span';
import { daysOfWeek } from '../time/week';
import { dateOf, dayOf, type IsoDate, type Zone } from '../time/zone';

/*
 * The rules of the door: which zones take requests, of which length and from whom, and how many a day and a week. What breaks
 * them can still be accepted: the person decides.
 */

/** A rule that a request breaks. */
export type Broken =
  /** It lies outside the hours that are open to meetings. */
  | { readonly kind: 'notOpen' }
  | { readonly kind: 'tooLong'; readonly zone: string; readonly most: number }
  | { readonly kind: 'notForThem'; readonly zone: string; readonly who: 'known' | 'named' }
  /** So many were accepted already, and no more are to be. */
  | { readonly kind: 'dayFull' | 'weekFull'; readonly count: number };

/** What is asked for: when, by whom, and which request it is, if it is one. */
export type Asking = { readonly span: Span; readonly by: Who; readonly id?: string };

/** Somebody of whom nothing is known. */
export const anybody: Who = { name: '', address: '' };

/** Whether a zone lets somebody in, as far as its rule says whom. */
function isLetIn(workspace: Workspace, { door }: FrameZone, { address }: Who): boolean {
  switch (door?.who ?? 'all') {
    case 'all':
      return true;
    case 'known':
      return address !== '' && knownPeople(workspace).by(address) !== undefined;
    case 'named':
      return isAmong(address, door?.people ?? []);
  }
}

/** The requests that were accepted, or may be, within a range, but for one. */
function acceptedIn({ requests }: Workspace, range: Span, zone: Zone, except: string | undefined): Request[] {
  return requests.values().filter((request) => {
    const event = eventOf(request);
    const kind = answerTo(request)?.kind;
    const counts = request.id !== except && !isCalledOff(request) && (kind === 'yes' || kind === 'maybe');
    return counts && event !== null && overlaps(spanOfAsked(event, zone), range);
  });
}

/** What of the rules of a zone somebody breaks with a meeting of some length. */
function brokenIn(workspace: Workspace, one: FrameZone, { span, by }: Asking): Broken[] {
  const { name, door } = one;
  if (one.openness !== 'open') return [{ kind: 'notOpen' }];
  const most = door?.most ?? null;
  const who = door?.who ?? 'all';
  return [
    ...(most !== null && lengthOf(span) > most ? [{ kind: 'tooLong', zone: name, most } as const] : []),
    ...(who !== 'all' && !isLetIn(workspace, one, by)
      ? [{ kind: 'notForThem', zone: name, who } as const]
      : []),
  ];
}

/** Whether the frame of a date's week expects meetings anywhere: without such zones none are missed. */
const hasOpen = (workspace: Workspace, date: IsoDate, weekStart: number): boolean =>
  daysOfWeek(date, weekStart).some((day) =>
    zoneTimes(workspace, day).some((one) => one.zone.openness === 'open'),
  );

/** The rules that a request breaks, if it were accepted as it is. */
export function brokenRules(workspace: Workspace, asking: Asking, zone: Zone): Broken[] {
  const { weekStart, door } = workspace.settings;
  const date = dateOf(asking.span.from, zone);
  const around = zoneAround(workspace, asking.span, zone)?.zone;
  const place: Broken[] = around ? brokenIn(workspace, around, asking) : [{ kind: 'notOpen' }];
  const full = (kind: 'dayFull' | 'weekFull', most: number | null, days: readonly IsoDate[]): Broken[] => {
    const [first = date, last = date] = [days[0], days.at(-1)];
    if (most === null) return [];
    const range = { from: dayOf(first, zone).from, to: dayOf(last, zone).to };
    const count = acceptedIn(workspace, range, zone, asking.id).length;
    return count >= most ? [{ kind, count }] : [];
  };
  return [
    ...place.filter(({ kind }) => kind !== 'notOpen' || hasOpen(workspace, date, weekStart)),
    ...full('dayFull', door.day, [date]),
    ...full('weekFull', door.week, daysOfWeek(date, weekStart)),
  ];
}

/** What of free stretches lets somebody in with a meeting of so many minutes, by the rules of the door. */
export function admitted(
  workspace: Workspace,
  spans: readonly Span[],
  { minutes, by }: { readonly minutes: number; readonly by: Who },
  zone: Zone,
): Span[] {
  return spans.flatMap((span) => {
    const rooms = zonesOn(workspace, dateOf(span.from, zone), zone).filter(
      (one) => one.zone.openness === 'open',
    );
    return rooms
      .flatMap((one) => intersect(one.spans, [span]))
      .filter((part) => lengthOf(part) >= minutes)
      .filter(
        ({ from }) =>
          brokenRules(workspace, { span: { from, to: from + minutes * 60_000 }, by }, zone).length === 0,
      );
  });
}

/** Of the requests that were accepted for a range, how many lie in hours that are open to meetings. */
export function doorCount(
  workspace: Workspace,
  range: Span,
  zone: Zone,
): { readonly open: number; readonly all: number } {
  const accepted = acceptedIn(workspace, range, zone, undefined).flatMap((request) => {
    const event = eventOf(request);
    return event && answerTo(request)?.kind === 'yes' ? [spanOfAsked(event, zone)] : [];
  });
  const open = accepted.filter((span) => zoneAround(workspace, span, zone)?.zone.openness === 'open');
  return { open: open.length, all: accepted.length };
}
