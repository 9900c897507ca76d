import * as z from '../zod';
import { bounds, listUpTo, Title } from './bounds';
import { Changed, DateText, Hue, Id, openObject, Weekdays } from './common';

/** Minutes of a day that is as long as most. */
export const DAY_MINUTES = 1440;

/** Minutes of a week. */
export const WEEK_MINUTES = 7 * DAY_MINUTES;

const WeekMinutes = z.int().check(z.gte(1), z.lte(WEEK_MINUTES));
const StartOfDay = z.int().check(z.gte(0), z.lte(DAY_MINUTES - 1));
const Minutes = z.int().check(z.gte(1), z.lte(DAY_MINUTES));

/** What a stretch of the week is for: sleep, an obligation (meals, travel, care), work, or one’s own time. */
export const ZoneKind = z.enum(['sleep', 'duty', 'work', 'own']);
export type ZoneKind = z.infer<typeof ZoneKind>;

/** Which requests a zone takes: of how many minutes at most, and from whom; those who are named by their addresses. */
export const DoorRule = openObject({
  most: z.nullable(Minutes),
  who: z.enum(['all', 'known', 'named']),
  people: listUpTo(z.string().check(z.maxLength(320)), bounds.few),
});
export type DoorRule = z.infer<typeof DoorRule>;

/** Takes any request. */
export const openDoor: DoorRule = { most: null, who: 'all', people: [] };

/** One recurring window of a frame. (A `Zone` elsewhere in the code is a time zone.) */
export const FrameZone = openObject({
  id: Id,
  name: Title,
  kind: ZoneKind,
  category: z.optional(Id),
  /** Its colour where it has no category; else that of its kind. */
  hue: z.optional(Hue),
  /** The weekdays on which it begins, Monday is 1. */
  days: Weekdays.check(z.maxLength(7)),
  /** Minutes after midnight by the clock on the wall, and its length there; it may go on into the next day. */
  from: StartOfDay,
  minutes: Minutes,
  /** Whether it expects meetings, keeps them out, or neither. */
  openness: z._default(z.enum(['open', 'guarded', 'free']), 'free'),
  /** How sharp the person is then. */
  energy: z._default(z.enum(['sharp', 'steady', 'low']), 'steady'),
  /** Spare room for what was missed. */
  catchUp: z._default(z.boolean(), false),
  /** Minutes after it that are left free for an overrun. */
  buffer: z._default(z.int().check(z.gte(0), z.lte(DAY_MINUTES)), 0),
  /** What belongs in it beside its category: lists, other categories, and a short written list. */
  lists: z._default(listUpTo(Id, bounds.few), []),
  categories: z._default(listUpTo(Id, bounds.few), []),
  lines: z._default(listUpTo(Title, bounds.few), []),
  /** Of one that expects meetings: which requests it takes. */
  door: z.optional(DoorRule),
});
export type FrameZone = z.infer<typeof FrameZone>;

export const Zones = listUpTo(FrameZone, bounds.zones);

/** How many minutes someone will work on a weekday (Monday is 1), where it is not what the zones give. */
export const WeekdayHours = listUpTo(
  openObject({
    day: z.int().check(z.gte(1), z.lte(7)),
    minutes: z.int().check(z.gte(0), z.lte(DAY_MINUTES)),
  }),
  7,
);
export type WeekdayHours = z.infer<typeof WeekdayHours>;

/** A reusable shape of a week. */
export const Frame = openObject({
  id: Id,
  name: Title,
  zones: Zones,
  hours: z.optional(WeekdayHours),
  /**
   * What its zones and hours were in weeks that have ended: until the week that begins on a date, exclusive, earliest first. So a
   * change leaves those weeks alone.
   */
  before: z._default(
    listUpTo(openObject({ until: DateText, zones: Zones, hours: z.optional(WeekdayHours) }), bounds.times),
    [],
  ),
  /** It was deleted after it had held: weeks that have ended still have it. */
  retired: z._default(z.boolean(), false),
  /** Its place among the others, smallest first; the first holds where nothing else is said. */
  rank: z.number(),
  ...Changed,
});
export type Frame = z.infer<typeof Frame>;

/** From which week on a frame holds; or every so many weeks from that one on, or in that one only. */
export const FrameHold = openObject({
  id: Id,
  frameId: Id,
  /** Any day of the first week. */
  from: DateText,
  /** Any day of the first week in which it does so no more. */
  until: z._default(z.nullable(DateText), null),
  how: z.enum(['on', 'every', 'once']),
  /** Of `every`: in how many weeks once. */
  every: z._default(z.int().check(z.gte(2), z.lte(52)), 4),
  ...Changed,
});
export type FrameHold = z.infer<typeof FrameHold>;

/** One zone is otherwise on one date: off, or at other hours. Its id is made of both. */
export const ZoneChange = openObject({
  id: Id,
  zoneId: Id,
  /** The date on which the zone begins. */
  date: DateText,
  off: z._default(z.boolean(), false),
  /** As in a zone; of one that is off they say nothing. */
  from: z._default(StartOfDay, 0),
  minutes: z._default(Minutes, DAY_MINUTES),
  ...Changed,
});
export type ZoneChange = z.infer<typeof ZoneChange>;

export const zoneChangeId = (zoneId: string, date: string): string => `${date} ${zoneId}`;

/** How many minutes someone will work on a date, where it is not what the frame gives. The date is its id. */
export const DayCapacity = openObject({
  id: DateText,
  minutes: z.int().check(z.gte(0), z.lte(25 * 60)),
  ...Changed,
});
export type DayCapacity = z.infer<typeof DayCapacity>;

/** A zone with everything that is not said at its plainest. */
export const plainZone = {
  openness: 'free',
  energy: 'steady',
  catchUp: false,
  buffer: 0,
  lists: [],
  categories: [],
  lines: [],
} as const satisfies Partial<FrameZone>;

/** How many minutes a week a category should have at least, and at most. */
export const Target = openObject({
  id: Id,
  category: Id,
  least: z._default(z.nullable(WeekMinutes), null),
  most: z._default(z.nullable(WeekMinutes), null),
  ...Changed,
});
export type Target = z.infer<typeof Target>;
