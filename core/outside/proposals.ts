import { plainName } from '../model/names';
import type { AskedEvent, Proposal, Who } from '../model/request';
import { sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { minutesAsked } from '../plan/otherTimes';
import { spanOfAsked } from '../requests/receive';
import { overlaps, spanFrom, type Span } from '../time/span';
import { weekOf } from '../time/week';
import { addDays, dateOf, type IsoDate, type Zone } from '../time/zone';
import { anybody, brokenRules } from './door';
import { freeTimes, WORKDAYS } from './freeTimes';

/** How many times are proposed, and how many days ahead of the first are looked at. */
const MOST = 3;
const DAYS = 21;

/** The calendars that are those of others, by the names that they begin with: so it is known when these are free. */
export const calendarsOf = ({ calendars }: Workspace, people: readonly Who[]) =>
  calendars
    .values()
    .filter(({ around }) => around)
    .filter((one) =>
      people.some(({ name }) => name !== '' && plainName(one.name).startsWith(plainName(name))),
    )
    .map(({ id }) => id);

/** How full a day is, as a share of what it has room for. */
function fullness(workspace: Workspace, date: IsoDate, zone: Zone): number {
  const { planned, room } = dayPlan(workspace, date, zone).load;
  return room <= 0 ? Infinity : planned / room;
}

type Wish = {
  readonly zone: Zone;
  readonly now: number;
  /** Not within the week that was asked for. */
  readonly notThisWeek: boolean;
};

/**
 * Times to propose instead of the one that is asked for, by start: one a day, on the days that are least full, in hours that are open
 * to meetings or, where these have no room, not guarded, when the others are free, too, as far as that is known. Sealed weeks are left alone.
 */
export function proposals(
  workspace: Workspace,
  event: AskedEvent,
  others: readonly Who[],
  { zone, now, notThisWeek }: Wish,
): Proposal[] {
  const asked = spanOfAsked(event, zone);
  const minutes = minutesAsked({ ...asked, allDay: event.start.wall.length === 10 });
  const date = dateOf(asked.from, zone);
  const today = dateOf(now, zone);
  const after = addDays(weekOf(date, workspace.settings.weekStart), 7);
  const from = notThisWeek && after > today ? after : today;
  const { times } = freeTimes(
    workspace,
    {
      ...{ minutes, from, days: DAYS, weekdays: WORKDAYS, most: 500, leavesSealed: true },
      ...{ theirs: zone, hours: null, with: calendarsOf(workspace, others) },
    },
    zone,
    now,
  );
  const slots = times
    .map(({ from: start }) => spanFrom({ start, minutes }))
    .filter((span) => !overlaps(span, asked));
  // those that break no rule of the door, where there are such
  const [by = anybody] = others;
  const kept = slots.filter((span) => brokenRules(workspace, { span, by }, zone).length === 0);
  const firsts = new Map<IsoDate, Span>();
  for (const slot of kept.length > 0 ? kept : slots) {
    const day = dateOf(slot.from, zone);
    const first = firsts.get(day);
    if (!first || slot.from < first.from) firsts.set(day, slot);
  }
  return [...firsts]
    .map(([day, span]) => ({ span, full: fullness(workspace, day, zone) }))
    .sort((a, b) => fullClass(a.full) - fullClass(b.full) || a.span.from - b.span.from)
    .slice(0, MOST)
    .map(({ span }) => ({ start: span.from, minutes }))
    .sort((a, b) => a.start - b.start);
}

/** Of two days of which neither is full the sooner is better, so that a little more work does not put a meeting off. */
const fullClass = (full: number): number => (full <= 0.75 ? 0 : full <= 1 ? 1 : 2);

/** Whether a request falls into a week that is sealed. */
export const isIntoSealed = (workspace: Workspace, event: AskedEvent, zone: Zone): boolean =>
  sealOn(workspace, dateOf(spanOfAsked(event, zone).from, zone)) !== undefined;
