import { components, unfold, type Component } from '../formats/contentLines';
import { wallsIn } from '../formats/fileZones';
import { readProperty, type Property } from '../formats/icalProperty';
import { readParts } from '../formats/readCalendar';
import { readEvent } from '../formats/readEvent';
import { Unreadable } from '../formats/readProblem';
import { zoneFinder } from '../formats/vendorZones';
import { writeEvent } from '../formats/writeCalendar';
import { escaped, utc } from '../formats/writeLine';
import { bounds, shortened } from '../model/bounds';
import { plainEvent, type EventDetails, type WallStart } from '../model/event';
import { AskedEvent, type AnswerKind, type Proposal, type Who } from '../model/request';
import { instantOf, wallOf, type Zone } from '../time/zone';

/*
 * What programs of calendars say to each other about an event (iTIP, RFC 5546): asking for one's time, answering, proposing
 * another time, calling off.
 */

const methods = ['REQUEST', 'REPLY', 'COUNTER', 'CANCEL', 'ADD', 'REFRESH', 'DECLINECOUNTER'] as const;
export type Method = (typeof methods)[number];

/** One message about an event, as it is understood. */
export type Itip = {
  readonly method: Method;
  readonly uid: string;
  readonly sequence: number;
  /** When it was written (DTSTAMP), epoch ms by the clock of whoever wrote it. */
  readonly stamp: number;
  /** The one time of it that this is about; null for all. */
  readonly recurrence: WallStart | null;
  readonly organizer: Who | null;
  /** Who acts in the name of the organizer (SENT-BY). */
  readonly sentBy: string | null;
  readonly attendees: readonly (Who & { readonly answer: AnswerKind | null })[];
  /** The event as it is asked for, or what holds for one time of it; null where none is told. */
  readonly event: AskedEvent | null;
  readonly comment: string;
  /** The times that are proposed by a COUNTER, the best first. */
  readonly proposals: readonly Proposal[];
  /** Until when proposals were written that a DECLINECOUNTER of ours refuses (epoch ms); null where it does not say. */
  readonly refuses: number | null;
};

/** Why a text is no message about an event. */
export type NoItip = {
  readonly why: 'noCalendar' | 'noMethod' | 'noEvent' | 'unreadable';
  readonly what: string;
};

const answerOf: Record<string, AnswerKind> = { ACCEPTED: 'yes', DECLINED: 'no', TENTATIVE: 'maybe' };
const partstatOf: Record<AnswerKind, string> = {
  yes: 'ACCEPTED',
  no: 'DECLINED',
  maybe: 'TENTATIVE',
  other: 'TENTATIVE',
};

/** The other times that a COUNTER of ours proposes beside its own, as RFC 5546 3.2.7 has room for one. */
const ALSO = 'X-ALSO-PROPOSED';

/** Which proposal a DECLINECOUNTER of ours refuses, as RFC 5546 3.2.8 does not say: by when that was written. */
const REFUSES = 'X-REFUSED-PROPOSAL';

const isMethod = (text: string): text is Method => (methods as readonly string[]).includes(text);

const propertiesOf = (part: Component): Property[] =>
  part.lines.flatMap((line) => {
    const property = readProperty(line);
    return 'name' in property ? [property] : [];
  });

const first = (properties: readonly Property[], name: string) =>
  properties.find((property) => property.name === name);
const textIn = (properties: readonly Property[], name: string) =>
  String(first(properties, name)?.values[0] ?? '').trim();

const addressIn = (text: string): string => shortened(text.replace(/^mailto:/i, '').trim(), 320);

const whoIn = ({ params, values }: Property): Who => ({
  name: shortened(params.cn ?? '', bounds.title),
  address: addressIn(String(values[0] ?? '')),
});

/** An instant of a line of ours, as other lines have it once they are read. */
const asIso = (text: string): string =>
  text.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z$/, '$1-$2-$3T$4:$5:$6Z');

/** An instant as a property in UTC has it, `2026-11-24T09:00:00Z`; undefined where it is none. */
function instantIn(text: string): number | undefined {
  const instant = Date.parse(text.endsWith('Z') ? text : `${text}Z`);
  return instant >= bounds.earliest && instant <= bounds.latest ? instant : undefined;
}

/** The times of a line of periods in UTC (RFC 5545 3.3.9). */
const periodsIn = (raw: string): Proposal[] =>
  raw.split(',').flatMap((period) => {
    const [, from = '', minutes = ''] = /^(\d{8}T\d{6}Z)\/PT(\d{1,5})M$/.exec(period.trim()) ?? [];
    const start = instantIn(asIso(from));
    return start === undefined || Number(minutes) < 1 ? [] : [{ start, minutes: Number(minutes) }];
  });

/** The hours of an event as a time that is proposed; none for whole days. */
function proposalOf({ start, length }: Pick<EventDetails, 'start' | 'length'>, home: Zone): Proposal[] {
  const minutes = Math.round(length.days * 1440 + length.seconds / 60);
  if (start.wall.length === 10 || minutes < 1 || minutes > bounds.blockMinutes) return [];
  return [{ start: instantOf(start.wall, start.zone ?? home), minutes }];
}

const WITH_EVENT: readonly Method[] = ['REQUEST', 'COUNTER', 'ADD'];

/** Reads a message about an event. `home` is the zone in which floating times are read. */
export function readItip(text: string, home: Zone): Itip | NoItip {
  const all = components(unfold(text));
  const root = all.roots.find(({ name }) => name === 'VCALENDAR');
  if (!root) return { why: 'noCalendar', what: 'it is no calendar' };
  const method = textIn(propertiesOf(root), 'METHOD').toUpperCase();
  if (!isMethod(method)) return { why: 'noMethod', what: method || 'nothing' };
  const parts = root.parts.filter(({ name }) => name === 'VEVENT');
  const part = parts.find((one) => !first(propertiesOf(one), 'RECURRENCE-ID')) ?? parts[0];
  if (!part) return { why: 'noEvent', what: 'it names no event' };
  const properties = propertiesOf(part);
  const uid = textIn(properties, 'UID');
  if (uid === '' || uid.length > bounds.uid)
    return { why: 'unreadable', what: 'its event has no usable name (UID)' };
  const zones = zoneFinder(
    root.parts.filter(({ name }) => name === 'VTIMEZONE'),
    home,
  );
  try {
    const recurring = first(properties, 'RECURRENCE-ID');
    const [moment] = recurring ? wallsIn(recurring, zones) : [];
    const wanted = WITH_EVENT.includes(method);
    const whole = moment
      ? readEvent(part, zones, []).event
      : readParts({ ...all, roots: [root] }, home).calendars[0]?.events.find((one) => one.uid === uid);
    const event = wanted && whole ? asked(whole) : null;
    if (wanted && !event) return { why: 'unreadable', what: 'its event cannot be read' };
    const organizer = first(properties, 'ORGANIZER');
    return {
      ...{ method, uid, event },
      sequence: Math.max(0, Number.parseInt(textIn(properties, 'SEQUENCE'), 10) || 0),
      // the clock of whoever wrote it: it is compared with nothing but others of theirs
      stamp: instantIn(textIn(properties, 'DTSTAMP')) ?? 0,
      recurrence: moment ? { wall: moment.wall, zone: moment.zone } : null,
      organizer: organizer ? whoIn(organizer) : null,
      sentBy: organizer?.params['sent-by'] ? addressIn(organizer.params['sent-by']) : null,
      attendees: properties
        .filter(({ name }) => name === 'ATTENDEE')
        .slice(0, bounds.attendees)
        .map((one) => ({
          ...whoIn(one),
          answer: answerOf[one.params.partstat?.toUpperCase() ?? ''] ?? null,
        })),
      comment: shortened(textIn(properties, 'COMMENT').replace(/\\n/gi, '\n'), bounds.notes),
      proposals:
        method === 'COUNTER' && event
          ? [...proposalOf(event, home), ...periodsIn(first(properties, ALSO)?.raw ?? '')].slice(
              0,
              bounds.few,
            )
          : [],
      refuses: instantIn(asIso(textIn(properties, REFUSES))) ?? null,
    };
  } catch (error) {
    if (error instanceof Unreadable) return { why: 'unreadable', what: error.what };
    throw error;
  }
}

/** Parsed, so that what is longer than bounds is cut before it counts. */
const asked = (event: AskedEvent): AskedEvent => AskedEvent.parse(event);

/** A value of a parameter (RFC 5545 3.2): no quotes, no breaks. */
const parameter = (text: string) => `"${text.replace(/["\r\n]/g, ' ')}"`;
const named = (name: string) => (name === '' ? '' : `;CN=${parameter(name)}`);

/** The line of somebody who is asked to come. */
export const attendeeLine = ({ name, address }: Who, answer: AnswerKind | null, asks = true): string =>
  `ATTENDEE;PARTSTAT=${answer ? partstatOf[answer] : 'NEEDS-ACTION'}${asks ? ';RSVP=TRUE' : ''}${named(name)}:mailto:${address}`;
export const organizerLine = ({ name, address }: Who): string => `ORGANIZER${named(name)}:mailto:${address}`;

/** What a message says beside its method. */
type Saying = {
  readonly event: AskedEvent;
  readonly sequence: number;
  readonly stamp: number;
  readonly organizer: Who;
  /** Lines of those who are asked, or of the one who answers. */
  readonly attendees: readonly string[];
  readonly comment?: string;
  readonly proposals?: readonly Proposal[];
  readonly refuses?: number | undefined;
};

const UTC: Zone = 'UTC';

/** A message about an event as text, as it goes out within a letter (RFC 6047). */
export function writeItip(method: Method, saying: Saying): string {
  const { event, sequence, stamp, organizer, attendees, comment = '', proposals = [], refuses } = saying;
  const [best, ...also] = proposals;
  const hours = best && {
    start: { wall: wallOf(best.start, UTC), zone: UTC },
    length: { days: 0, seconds: best.minutes * 60 },
  };
  const periods = also.map(({ start, minutes }) => `${utc(start)}/PT${minutes}M`);
  const kept = [
    organizerLine(organizer),
    ...attendees,
    ...(comment === '' ? [] : [`COMMENT:${escaped(comment)}`]),
    ...(periods.length === 0 ? [] : [`${ALSO}:${periods.join(',')}`]),
    ...(refuses === undefined ? [] : [`${REFUSES}:${utc(refuses)}`]),
    ...(method === 'CANCEL' ? ['STATUS:CANCELLED'] : []),
  ];
  const { uid, title, location, start, length, rule, without, also: added, exceptions } = event;
  const told = method === 'REQUEST' ? event : { ...plainEvent, title, location, rule, without, also: added };
  const written = {
    ...{ ...told, uid, sequence, kept, start, length, changedAt: stamp },
    ...{ id: uid, calendarId: '', attendees: [], reminders: [] },
    exceptions: method === 'REQUEST' ? exceptions : [],
    ...(hours && { ...hours, rule: null, without: [], also: [] }),
  };
  return writeEvent(written, { zone: UTC, now: stamp }, [`METHOD:${method}`]);
}
