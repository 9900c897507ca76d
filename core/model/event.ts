import * as z from '../zod';
import { bounds, listUpTo, textUpTo, Title } from './bounds';
import { Changed, Hue, Id, Instant, openObject, TimeText, WallText, ZoneName } from './common';
import { Alarm } from './reminder';

/** Lines of a file that this program has no use for: they go out again as they came. */
export const Kept = listUpTo(textUpTo(bounds.line), bounds.keptLines);

/**
 * A calendar that events come from; `source` is what a file calls itself, so that the same file finds it again.
 * `kept` are the lines of its file that this program has no use for: they go out again as they came.
 */
export const Calendar = openObject({
  id: Id,
  name: Title,
  source: textUpTo(bounds.place),
  /** Other files that go into it too. */
  alsoFrom: z.optional(listUpTo(textUpTo(bounds.place), bounds.times)),
  hue: Hue,
  kept: Kept,
  /** Its events are not drawn and take no time. */
  hidden: z.optional(z.boolean()),
  /** Another person's: its events are drawn lightly, to plan around. */
  around: z.optional(z.boolean()),
  /** Whether its events take one's time. If nothing is stated, one's own do and another person's do not. */
  takesTime: z.optional(z.boolean()),
  /** Up to where the changes of its account are known here (RFC 6578). */
  token: z.optional(textUpTo(bounds.place)),
  /** Where and when the person can be met whose it is, by their own clock. */
  hours: z.optional(openObject({ zone: ZoneName, from: TimeText, to: TimeText })),
  ...Changed,
});
export type Calendar = z.infer<typeof Calendar>;

/** When people can be met unless something else is known, by their own clock. */
export const meetingHours = { from: '09:00', to: '17:00' };

/** Whether the events of a calendar take one's time, as far as they are busy. */
export const takesTime = ({ takesTime: stated, around = false }: Calendar): boolean => stated ?? !around;

/** What stands as the source of a calendar that is kept equal with one of an account, and of what holds the tasks of one. */
export const ACCOUNT = 'account';
export const TRACKER = 'tracker';

/** The calendars for events of one's own: those that came from no file, then those of accounts. */
export const ownCalendars = (calendars: { values(): Calendar[] }): Calendar[] =>
  ['', ACCOUNT].flatMap((kind) => calendars.values().filter(({ source }) => source === kind));

/**
 * When something starts: an ISO wall time (`2026-11-24T09:00:00`, or a bare date for all-day events) and its zone.
 * A null zone is floating: the wall time of wherever the person is (RFC 5545 3.3.5).
 */
export const WallStart = openObject({ wall: WallText, zone: z.nullable(ZoneName) });
export type WallStart = z.infer<typeof WallStart>;

/** Whole days for all-day events, else seconds. RFC 5545 3.8.2.5 tells nominal days from exact time. */
export const EventLength = openObject({
  days: z.int().check(z.gte(0), z.lte(bounds.eventDays)),
  seconds: z.int().check(z.gte(0), z.lte(bounds.eventDays * 86_400)),
});
export type EventLength = z.infer<typeof EventLength>;

/** Somebody who is asked to come (RFC 5545 3.8.4.1), what they answered, and the line of the file that says so. */
export const Attendee = openObject({
  name: textUpTo(bounds.title),
  address: textUpTo(bounds.place),
  answer: z.enum(['yes', 'no', 'maybe', 'none']),
  line: textUpTo(bounds.line),
});
export type Attendee = z.infer<typeof Attendee>;

/** A way to join from afar (RFC 7986 5.11), and the line of the file that says so. */
export const Call = openObject({
  uri: textUpTo(bounds.place),
  label: textUpTo(bounds.title),
  line: textUpTo(bounds.line),
});

const details = {
  title: textUpTo(bounds.title),
  location: textUpTo(bounds.place),
  notes: textUpTo(bounds.notes),
  categories: listUpTo(textUpTo(bounds.title), bounds.few),
  /** A CSS colour name (RFC 7986 5.9), or null. */
  color: z.nullable(textUpTo(bounds.few)),
  calls: listUpTo(Call, bounds.few),
  attendees: listUpTo(Attendee, bounds.attendees),
  reminders: listUpTo(Alarm, bounds.few),
  /** It has no reminder, though such meetings have one. */
  unreminded: z.optional(z.literal(true)),
  start: WallStart,
  length: EventLength,
  busy: z.boolean(),
  cancelled: z.boolean(),
  /** Lines of the file that this program has no use for. */
  kept: Kept,
};

/**
 * One occurrence of a repeating event that differs from the rest, or with `andLater` all from it on (RFC 5545 3.2.13);
 * `recurrence` is the wall start that it would have had.
 */
export const Exception = openObject({ recurrence: WallText, andLater: z.boolean(), ...details });
export type Exception = z.infer<typeof Exception>;
export type EventDetails = Omit<Exception, 'recurrence' | 'andLater'>;

/** One UID of a calendar: a single event or a whole repeating one (RFC 5545 3.6.1). */
export const CalendarEvent = openObject({
  id: Id,
  calendarId: Id,
  uid: z.string(),
  sequence: z.int(),
  ...details,
  /** RRULE as text, or null. */
  rule: z.nullable(z.string().check(z.maxLength(bounds.rule))),
  /** Wall starts taken out of what the rule gives. */
  without: listUpTo(WallText, bounds.times),
  /** Starts added to what the rule gives; a null length is that of the event. */
  also: listUpTo(openObject({ wall: WallText, length: z.nullable(EventLength) }), bounds.times),
  exceptions: listUpTo(Exception, bounds.times),
  /** It was made here and not read from a file: no newer file takes it away. */
  madeHere: z.optional(z.boolean()),
  /** A time that was given to somebody, kept free until an instant (epoch ms); `giving` is what it was given with. */
  held: z.optional(openObject({ until: Instant, giving: Id })),
  /** The mark of what a subscribed calendar said of it last, so that what was changed here stays until that changes. */
  readAs: z.optional(z.string().check(z.maxLength(40))),
  ...Changed,
});
export type CalendarEvent = z.infer<typeof CalendarEvent>;

/** What an event says of which nothing is known. */
export const plainDetails: Omit<EventDetails, 'title' | 'start' | 'length'> = {
  location: '',
  notes: '',
  categories: [],
  color: null,
  calls: [],
  attendees: [],
  reminders: [],
  busy: true,
  cancelled: false,
  kept: [],
};

/** The line of something that is not agreed yet (RFC 5545 3.8.1.11). */
export const TENTATIVE = 'STATUS:TENTATIVE';

/** An event that happens once and of which nothing more is known. */
export const plainEvent: Omit<CalendarEvent, 'id' | 'calendarId' | 'uid' | 'title' | 'start' | 'length'> = {
  ...plainDetails,
  sequence: 0,
  rule: null,
  without: [],
  also: [],
  exceptions: [],
};
