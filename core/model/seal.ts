import { addDays, type IsoDate } from '../time/zone';
import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import type { Collection } from './collection';
import { Changed, DateText, Id, Instant, openObject } from './common';
import { Target, WeekdayHours, Zones } from './frame';

/** A task's part of a sealed block, with the title that it had. */
const SealedPart = openObject({ taskId: Id, title: Title, minutes: minutesUpTo(bounds.blockMinutes) });

/** A block as it stood; its parts lie one after the other and fill it. */
const SealedBlock = openObject({
  id: Id,
  taskId: Id,
  title: Title,
  start: Instant,
  minutes: minutesUpTo(bounds.blockMinutes),
  parts: listUpTo(SealedPart, bounds.times),
});
export type SealedBlock = z.infer<typeof SealedBlock>;

/** A task that lay in the tray of a day, with its estimate in minutes; 0 when it had none. */
const SealedTray = openObject({
  id: Id,
  taskId: Id,
  title: Title,
  date: DateText,
  minutes: z.int().check(z.gte(0), z.lte(bounds.estimateMinutes)),
});

/** A busy occurrence of an event. */
const SealedMeeting = openObject({
  id: Id,
  eventId: Id,
  title: textUpTo(bounds.title),
  categories: listUpTo(textUpTo(bounds.title), bounds.few),
  from: Instant,
  to: Instant,
  /** It takes days whole: it counts as a meeting, and for no minutes. */
  wholeDays: z.boolean(),
});
export type SealedMeeting = z.infer<typeof SealedMeeting>;

/** What was answered to a meeting that came after the seal. */
export const LateAnswer = z.enum(['accepted', 'notThisWeek']);
export type LateAnswer = z.infer<typeof LateAnswer>;

/** The plan of a week as it stood when it was sealed: the yardstick of that week. Its id is the week’s first day. */
export const Seal = openObject({
  id: DateText,
  at: Instant,
  /** When it was taken off again; it is no yardstick then. */
  openedAt: z._default(z.nullable(Instant), null),
  /** The name of the frame that held, and its zones. */
  frame: textUpTo(bounds.title),
  zones: Zones,
  hours: z.optional(WeekdayHours),
  blocks: listUpTo(SealedBlock, bounds.times),
  tray: listUpTo(SealedTray, bounds.times),
  meetings: listUpTo(SealedMeeting, bounds.times),
  targets: listUpTo(Target, bounds.few),
  answers: z._default(listUpTo(openObject({ meeting: Id, answer: LateAnswer }), bounds.times), []),
  /** Earlier seals of the week that were taken off. */
  earlier: z._default(listUpTo(openObject({ at: Instant, openedAt: Instant }), bounds.few), []),
  ...Changed,
});
export type Seal = z.infer<typeof Seal>;

type Seals = { readonly seals: Collection<Seal> };

/** The seal of the week that begins on a date, also one that was taken off. */
export const sealOfWeek = ({ seals }: Seals, week: IsoDate): Seal | undefined => seals.get(week);

/** The seal that holds on a date, if one does. Of two whose weeks share days, as the week began elsewhere then, the later. */
export function sealOn({ seals }: Seals, date: IsoDate): Seal | undefined {
  if (seals.size === 0) return undefined;
  const weeks = Array.from({ length: 7 }, (_, i) => seals.get(addDays(date, -i)));
  return weeks.find((seal) => seal?.openedAt === null);
}

/** Whether an occurrence in a sealed week was put off to a later one: it takes no time. */
export const isPutOff = (seal: Seal | undefined, occurrence: string): boolean =>
  seal?.answers.some(({ meeting, answer }) => meeting === occurrence && answer === 'notThisWeek') ?? false;

/** The parts of the seals that a date depends on. */
export const readsSeals = ({ seals }: Seals, date: IsoDate): readonly unknown[] =>
  [date, addDays(date, -6)].map((day) => seals.parts.get(day.slice(0, 7)));
