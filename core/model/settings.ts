import * as z from '../zod';
import { bounds, listUpTo, minutesUpTo, textUpTo, Title } from './bounds';
import { Id, openObject, ZoneName } from './common';
import { Routines, usualRoutines } from './day';
import { Pace } from './pace';
import { noReminders, Reminders } from './reminder';

const BufferMinutes = z.int().check(z.gte(0), z.lte(240));

/** When time is left free without being asked for: after which meetings, after travel, between work of different kinds. */
const BufferRules = openObject({
  /** After busy meetings that last `meetingsFrom` minutes or more. */
  afterMeetings: BufferMinutes,
  meetingsFrom: z.int().check(z.gte(0), z.lte(1440)),
  /** After zones and meetings of travel. */
  afterTravel: BufferMinutes,
  /** Between two blocks of different categories. */
  betweenKinds: BufferMinutes,
});
export type BufferRules = z.infer<typeof BufferRules>;

const noBuffers: BufferRules = { afterMeetings: 0, meetingsFrom: 30, afterTravel: 0, betweenKinds: 0 };

/** The columns that the table of tasks has to begin with. */
const usualColumns = ['title', 'list', 'priority', 'estimate', 'planned', 'spent', 'due', 'notBefore'];

const FirstSteps = openObject({ skipped: listUpTo(textUpTo(40), bounds.few), away: z.boolean() });
const wholeGlance = { tasks: true, events: true, notes: true };
const allSteps: z.infer<typeof FirstSteps> = { skipped: [], away: false };

/** Plain conditions that tasks are narrowed down by, kept under a name. */
export const Filter = openObject({
  id: Id,
  name: Title,
  due: z.enum(['any', 'overdue', 'today', 'week', 'nextWeek', 'none']),
  /** Only what has no place in the plan ahead. */
  unplaced: z.boolean(),
  estimate: z.enum(['any', 'some', 'none']),
  /** The longest estimate, in minutes. */
  upTo: z.nullable(minutesUpTo(bounds.estimateMinutes)),
  /** Only what is of high priority or urgent. */
  important: z.boolean(),
});
export type Filter = z.infer<typeof Filter>;

const Count = z.int().check(z.gte(0), z.lte(100));

export const Settings = openObject({
  theme: z.enum(['system', 'light', 'dark']),
  clock: z.union([z.literal(12), z.literal(24)]),
  /** Whether a date says the day of its month first, or the month. */
  dates: z._default(z.enum(['dayFirst', 'monthFirst']), 'dayFirst'),
  /** The day that a week begins on: 1 is Monday, 7 is Sunday. */
  weekStart: z._default(z.int().check(z.gte(1), z.lte(7)), 1),
  /** A second time zone beside the ruler. */
  secondZone: z._default(z.nullable(ZoneName), null),
  /** Single letters, digits and signs are keys (WCAG 2.2, 2.1.4). */
  letterKeys: z._default(z.boolean(), true),
  /** What gives tasks their hue. */
  colourBy: z._default(z.enum(['list', 'category', 'priority', 'state']), 'list'),
  /** The zones of the frame are drawn behind the days. */
  showZones: z._default(z.boolean(), true),
  /** The view of several days goes from one working day to the next. */
  skipDaysOff: z._default(z.boolean(), false),
  /** Time that is left free by rule, in minutes; 0 is none. */
  buffers: z._default(BufferRules, noBuffers),
  /** What one is reminded of. */
  reminders: z._default(Reminders, noReminders),
  /** How the day is opened and closed. */
  routines: z._default(Routines, usualRoutines),
  /** What estimates are counted with, where they do not count as they are. */
  pace: z._default(z.nullable(Pace), null),
  /** Saved filters of tasks, in their order. */
  filters: z._default(listUpTo(Filter, bounds.few), []),
  /** How tasks are shown on a wide screen, and the columns of their table, in their order. */
  tasks: z._default(
    openObject({
      asTable: z.boolean(),
      columns: listUpTo(textUpTo(40), bounds.few),
      /** Widths of columns that are not the usual ones, in pixels. */
      widths: z._default(
        z.record(z.string().check(z.maxLength(40)), z.int().check(z.gte(48), z.lte(800))),
        {},
      ),
    }),
    { asTable: false, columns: usualColumns, widths: {} },
  ),
  /** What a newcomer has done without of the first steps, and whether they are put away. */
  firstSteps: z._default(FirstSteps, allSteps),
  /** What the month and the agenda show of each day. */
  glance: z._default(
    openObject({ tasks: z.boolean(), events: z.boolean(), notes: z.boolean() }),
    wholeGlance,
  ),
  /** One's own addresses in invitations, by which one is not told among those whom one meets. */
  addresses: z._default(listUpTo(textUpTo(320), bounds.few), []),
  /** How many requests are accepted for a day and for a week; null for any number. */
  door: z._default(openObject({ day: z.nullable(Count), week: z.nullable(Count) }), {
    day: null,
    week: null,
  }),
  /** What the plan leaves out of sight. */
  leftOut: z._default(openObject({ lists: z.array(Id), categories: z.array(Id), done: z.boolean() }), {
    lists: [],
    categories: [],
    done: false,
  }),
});
export type Settings = z.infer<typeof Settings>;

export const defaultSettings: Settings = {
  theme: 'system',
  clock: 24,
  dates: 'dayFirst',
  weekStart: 1,
  secondZone: null,
  letterKeys: true,
  colourBy: 'list',
  showZones: true,
  skipDaysOff: false,
  buffers: noBuffers,
  reminders: noReminders,
  routines: usualRoutines,
  pace: null,
  filters: [],
  tasks: { asTable: false, columns: usualColumns, widths: {} },
  firstSteps: allSteps,
  glance: wholeGlance,
  addresses: [],
  door: { day: null, week: null },
  leftOut: { lists: [], categories: [], done: false },
};

/** The settings without what points at records that are deleted; the very same when nothing does. */
export function forgottenInSettings(
  settings: Settings,
  collection: string,
  ids: readonly string[],
): Settings {
  const { leftOut } = settings;
  if (collection !== 'lists' && collection !== 'categories') return settings;
  const kept = leftOut[collection].filter((id) => !ids.includes(id));
  return kept.length === leftOut[collection].length
    ? settings
    : { ...settings, leftOut: { ...leftOut, [collection]: kept } };
}
