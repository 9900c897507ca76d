import { rememberedPer } from '../model/remember';
import type { EventLength, WallStart } from '../model/event';
import { DAY, type Span } from '../time/span';
import { instantOf, wallOf, type Zone } from '../time/zone';
import { movedRule, partsOf, ruleText } from './repeat';
import { asUtc, asWall, LIMITS, ruleStarts, type Limits } from './rule';

/** What comes again, or may: events and repeating tasks alike. Wall times are in the zone of the start. */
export type Recurring = {
  readonly start: WallStart;
  /** RRULE as text, or null for what happens once. */
  readonly rule: string | null;
  /** Wall starts taken out of what the rule gives. */
  readonly without: readonly string[];
  /** Starts added to what the rule gives. */
  readonly also?: readonly { readonly wall: string; readonly length: EventLength | null }[];
};

/**
 * The wall starts from `from` until before `to`, those that are taken out included, in no order. `zone` is the
 * person's, for floating times. A rule that cannot be computed gives its first start only.
 */
export function wallStarts(
  recurring: Recurring,
  from: string,
  to: string,
  zone: Zone,
  limits?: Limits,
): string[] {
  const { start, rule, also = [] } = recurring;
  const given = [start.wall, ...also.map(({ wall }) => wall)].filter((wall) => wall >= from && wall < to);
  if (!rule || start.wall >= to) return given;
  try {
    return [...new Set([...given, ...ruleStarts(rule, start.wall, start.zone ?? zone, from, to, limits)])];
  } catch {
    return given;
  }
}

/** Whether a rule, without regard to its end, gives no time after its start that can be found within thirty years. */
export function givesNothing(rule: string, { wall, zone }: WallStart): boolean {
  const parts = partsOf(rule);
  parts.delete('COUNT');
  parts.delete('UNTIL');
  const later = movedWall(wall, 30 * 366 * DAY, wall);
  try {
    return !ruleStarts(ruleText(parts), wall, zone ?? 'UTC', wall, later, { ...LIMITS, starts: 2 }).some(
      (start) => start !== wall,
    );
  } catch {
    return true;
  }
}

/** One time of something that recurs: the wall start that its rule gives, and the instant of it (epoch ms). */
export type Start = { readonly recurrence: string; readonly at: number };

/** Times are worked out for so much at once, and kept for as long as their record stays as it is. */
export const WINDOW = 28 * DAY;

const windowsOf = rememberedPer((_: Recurring) => new Map<string, Start[]>());

/** The times that begin within a stretch of time, in order; what was worked out once is kept. */
export function startsIn(recurring: Recurring, range: Span, zone: Zone): Start[] {
  const known = windowsOf(recurring);
  const found: Start[] = [];
  for (let from = Math.floor(range.from / WINDOW) * WINDOW; from < range.to; from += WINDOW) {
    const key = `${from} ${zone}`;
    const starts = known.get(key) ?? startsOfWindow(recurring, { from, to: from + WINDOW }, zone);
    known.set(key, starts);
    found.push(...starts.filter(({ at }) => at >= range.from && at < range.to));
  }
  return found;
}

function startsOfWindow(recurring: Recurring, { from, to }: Span, zone: Zone): Start[] {
  const left = new Set(recurring.without);
  const { wall, zone: own } = recurring.start;
  // no zone's clock is further from UTC than 14 hours
  return wallStarts(recurring, asWall(from - DAY, wall), asWall(to + DAY, wall), zone)
    .filter((recurrence) => !left.has(recurrence))
    .map((recurrence) => ({ recurrence, at: instantOf(recurrence, own ?? zone) }))
    .filter(({ at }) => at >= from && at < to)
    .sort((a, b) => a.at - b.at);
}

/** A wall time moved by milliseconds of wall time, in the form of another. */
export const movedWall = (wall: string, by: number, like: string): string => asWall(asUtc(wall) + by, like);

/** All its times moved by milliseconds of wall time; `like` tells zone and form (with an hour or without) of the new ones. */
export function movedBy<R extends Recurring>(recurring: R, by: number, like: WallStart): R {
  const shift = (wall: string) => movedWall(wall, by, like.wall);
  const { start, rule, without, also } = recurring;
  const wall = shift(start.wall);
  return {
    ...recurring,
    start: { wall, zone: like.zone },
    rule: rule && endMoved(movedRule(rule, start.wall.slice(0, 10), wall.slice(0, 10)), by, like),
    without: without.map(shift),
    ...(also ? { also: also.map((added) => ({ ...added, wall: shift(added.wall) })) } : {}),
  };
}

/** The rule with its end moved by as much as the wall time of the series is. */
function endMoved(rule: string, by: number, { wall, zone }: WallStart): string {
  const parts = partsOf(rule);
  const [, year, month, day, time, utc] =
    /^(\d{4})(\d\d)(\d\d)(?:T(\d{6})(Z?))?$/.exec(parts.get('UNTIL') ?? '') ?? [];
  if (!year) return rule;
  const [h, m, s] = time ? [time.slice(0, 2), time.slice(2, 4), time.slice(4)] : ['23', '59', '59'];
  const until = `${year}-${month}-${day}T${h}:${m}:${s}`;
  const here = utc && zone ? wallOf(instantOf(until, 'UTC'), zone) : until;
  const later = movedWall(here, by, here);
  if (wall.length === 10) parts.set('UNTIL', compact(later.slice(0, 10)));
  else if (zone === null) parts.set('UNTIL', compact(later));
  else parts.set('UNTIL', `${compact(wallOf(instantOf(later, zone), 'UTC'))}Z`);
  return ruleText(parts);
}

const compact = (wall: string) => wall.replace(/[-:]/g, '');

/** UNTIL just before a start of the rule: a date for whole days, else in UTC, or floating (RFC 5545 3.3.10). */
function untilBefore({ start }: Recurring, recurrence: string): string {
  if (recurrence.length === 10) return compact(movedWall(recurrence, -DAY, recurrence));
  if (start.zone === null) return compact(movedWall(recurrence, -1000, recurrence));
  const instant = instantOf(recurrence, start.zone) - 1000;
  return `${compact(new Date(instant).toISOString().slice(0, 19))}Z`;
}

/** Its times before one of them. */
export function timesBefore<R extends Recurring>(recurring: R, recurrence: string): R {
  const parts = partsOf(recurring.rule ?? '');
  parts.delete('COUNT');
  parts.set('UNTIL', untilBefore(recurring, recurrence));
  return {
    ...recurring,
    rule: recurring.rule && ruleText(parts),
    without: recurring.without.filter((wall) => wall < recurrence),
    ...(recurring.also ? { also: recurring.also.filter(({ wall }) => wall < recurrence) } : {}),
  };
}

/** One of its times and all after it, which are the same then. */
export function timesFrom<R extends Recurring>(recurring: R, recurrence: string): R {
  const { start, rule } = recurring;
  const parts = partsOf(rule ?? '');
  if (rule && parts.has('COUNT')) {
    const gone = ruleStarts(rule, start.wall, start.zone ?? 'UTC', start.wall, recurrence);
    parts.set('COUNT', String(Number(parts.get('COUNT')) - new Set([start.wall, ...gone]).size));
  }
  return {
    ...recurring,
    start: { wall: recurrence, zone: start.zone },
    rule: rule && ruleText(parts),
    without: recurring.without.filter((wall) => wall >= recurrence),
    ...(recurring.also ? { also: recurring.also.filter(({ wall }) => wall > recurrence) } : {}),
  };
}
