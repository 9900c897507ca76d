import * as z from '../zod';
import { bounds, listUpTo, textUpTo } from './bounds';
import { Instant, openObject, TimeText, Weekdays } from './common';

/** How long before something one is reminded of it, in minutes; several for several reminders. */
export const Leads = listUpTo(z.int().check(z.gte(0), z.lte(bounds.leadMinutes)), bounds.leads);
export type Leads = z.infer<typeof Leads>;

/** The reminders that a task, or each time of a repeating one, has of its own. */
export const ownReminders = ({
  leads,
  dueLeads,
}: {
  leads?: Leads | undefined;
  dueLeads?: Leads | undefined;
}) => ({
  ...(leads === undefined ? {} : { leads }),
  ...(dueLeads === undefined ? {} : { dueLeads }),
});

/** A routine of the day that begins at an hour on some weekdays (1 is Monday). */
export const RoutineHour = openObject({
  time: TimeText,
  days: Weekdays,
});
export type RoutineHour = z.infer<typeof RoutineHour>;

/** What one is reminded of where nothing nearer to the thing says otherwise. */
export const Reminders = openObject({
  blocks: Leads,
  meetings: Leads,
  /** Before due times; of a day without an hour, whole days before it. */
  due: Leads,
  opening: z.nullable(RoutineHour),
  close: z.nullable(RoutineHour),
  /** Whether a tone is heard. */
  sound: z.boolean(),
});
export type Reminders = z.infer<typeof Reminders>;

export const noReminders: Reminders = {
  blocks: [],
  meetings: [],
  due: [],
  opening: null,
  close: null,
  sound: false,
};

/** An alarm of an event (RFC 5545 3.6.6); `kept` are the other lines of it. */
export const Alarm = openObject({
  /** Minutes before the start; negative ones are after it. */
  minutesBefore: z.int().check(z.gte(-bounds.eventDays * 1440), z.lte(bounds.eventDays * 1440)),
  /** They count from the end (RELATED=END). */
  fromEnd: z.optional(z.literal(true)),
  /** It rings at this instant instead (epoch ms). */
  at: z.optional(Instant),
  /** It rings again so many times, so many minutes apart (REPEAT, DURATION). */
  again: z.optional(
    openObject({
      times: z.int().check(z.gte(1), z.lte(bounds.few)),
      minutes: z.int().check(z.gte(1), z.lte(bounds.leadMinutes)),
    }),
  ),
  /** Up to this instant it was answered elsewhere (RFC 9074, ACKNOWLEDGED; epoch ms). */
  acknowledged: z.optional(Instant),
  /** The TRIGGER as its file has it, where the minutes do not say all of it. */
  trigger: z.optional(textUpTo(bounds.line)),
  kept: listUpTo(textUpTo(bounds.line), bounds.keptLines),
});
export type Alarm = z.infer<typeof Alarm>;

/** An alarm that rings so many minutes before the start. */
export const alarmBefore = (minutesBefore: number): Alarm => ({ minutesBefore, kept: [] });
