import { Temporal } from 'temporal-polyfill';
import { weekdayNames, type Style } from '../time/words';
import { weekdayOf, type IsoDate } from '../time/zone';

/** How something repeats, as people choose it. */
export type Repeat = {
  readonly unit: 'day' | 'week' | 'month' | 'year';
  readonly every: number;
  /** Weekdays of a weekly rule, 1 for Monday to 7; empty for that of the start. */
  readonly days: readonly number[];
  /** Monthly by weekday: the nth (1 to 4) or the last (-1) weekday of its start; null by the day of the month. */
  readonly nth: number | null;
  /** The last day, or how often; both null for without end. */
  readonly until: IsoDate | null;
  readonly count: number | null;
};

const FREQ = { day: 'DAILY', week: 'WEEKLY', month: 'MONTHLY', year: 'YEARLY' } as const;
/** Weekdays as RFC 5545 3.3.10 names them, Monday first. */
export const weekdayCodes = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

/** The parts of an RRULE, `FREQ` → `WEEKLY`. */
export const partsOf = (rule: string): Map<string, string> =>
  new Map(
    rule.split(';').flatMap((part) => {
      const [name, value] = part.split('=');
      return name && value !== undefined ? [[name.toUpperCase(), value.toUpperCase()] as const] : [];
    }),
  );

export const ruleText = (parts: ReadonlyMap<string, string>): string =>
  [...parts].map(([name, value]) => `${name}=${value}`).join(';');

/** The UNTIL of a rule: to the end of its last day, whatever the hour and the zone of the start. */
export const untilOf = (date: IsoDate): string => `${date.replace(/-/g, '')}T235959`;

/** The RRULE (RFC 5545 3.3.10) of a repeat that starts on a date. */
export function ruleOf(repeat: Repeat, start: IsoDate): string {
  const { unit, every, days, nth, until, count } = repeat;
  const parts = new Map<string, string>([['FREQ', FREQ[unit]]]);
  if (every > 1) parts.set('INTERVAL', String(every));
  if (unit === 'week' && days.length > 0)
    parts.set(
      'BYDAY',
      [...days]
        .sort()
        .map((day) => weekdayCodes[day - 1])
        .join(),
    );
  if (unit === 'month' && nth !== null) parts.set('BYDAY', `${nth}${weekdayCodes[weekdayOf(start) - 1]}`);
  if (count !== null) parts.set('COUNT', String(count));
  else if (until) parts.set('UNTIL', untilOf(until));
  return ruleText(parts);
}

/** A rule as people would choose it; null for a rule that says more than that. */
export function repeatOf(rule: string): Repeat | null {
  const parts = partsOf(rule);
  const known = ['FREQ', 'INTERVAL', 'BYDAY', 'COUNT', 'UNTIL', 'WKST'];
  if ([...parts.keys()].some((name) => !known.includes(name))) return null;
  const unit = (['day', 'week', 'month', 'year'] as const).find(
    (candidate) => FREQ[candidate] === parts.get('FREQ'),
  );
  const byday = parts.get('BYDAY')?.split(',') ?? [];
  if (!unit || (byday.length > 0 && unit !== 'week' && unit !== 'month')) return null;
  const [, n] = unit === 'month' ? (/^(-1|[1-4])[A-Z]{2}$/.exec(byday.join()) ?? []) : [];
  const days = unit === 'week' ? byday.map((code) => weekdayCodes.indexOf(code) + 1) : [];
  if (days.includes(0) || (unit === 'month' && byday.length > 0 && n === undefined)) return null;
  const until = /^(\d{4})(\d{2})(\d{2})/.exec(parts.get('UNTIL') ?? '');
  return {
    unit,
    every: Number(parts.get('INTERVAL') ?? 1),
    days,
    nth: n === undefined ? null : Number(n),
    until: until ? `${until[1]}-${until[2]}-${until[3]}` : null,
    count: parts.has('COUNT') ? Number(parts.get('COUNT')) : null,
  };
}

const ordinals: Record<number, string> = { [-1]: 'last', 1: 'first', 2: 'second', 3: 'third', 4: 'fourth' };
const joined = (words: readonly string[]) =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : words.join();

/** A rule that names days of the month, in words: `every month on day 15 and the last day`. */
function monthDayWords(rule: string): string | undefined {
  const parts = partsOf(rule);
  const days = parts.get('BYMONTHDAY');
  if (days === undefined || parts.get('FREQ') !== 'MONTHLY' || parts.size > 2) return undefined;
  return `every month on ${joined(days.split(',').map((day) => (day === '-1' ? 'the last day' : `day ${day}`)))}`;
}

/** A rule in words, `every 2 weeks on Monday and Thursday, until 3 March 2027`. */
export function ruleWords(rule: string, start: IsoDate, { dates }: Pick<Style, 'dates'>): string {
  const repeat = repeatOf(rule);
  if (!repeat) return monthDayWords(rule) ?? 'by a rule of its own';
  const { unit, every, days, nth, until, count } = repeat;
  const weekdays = unit === 'week' && every === 1 && [...days].sort().join() === '1,2,3,4,5';
  const date = Temporal.PlainDate.from(start);
  const locale = dates === 'monthFirst' ? 'en-US' : 'en-GB';
  const on = {
    day: '',
    week:
      days.length > 0
        ? ` on ${joined(days.map((day) => weekdayNames[day - 1] ?? ''))}`
        : ` on ${weekdayNames[weekdayOf(start) - 1]}`,
    month:
      nth === null ? ` on day ${date.day}` : ` on the ${ordinals[nth]} ${weekdayNames[weekdayOf(start) - 1]}`,
    year: ` on ${date.toLocaleString(locale, { day: 'numeric', month: 'long' })}`,
  }[unit];
  const base = weekdays ? 'every weekday' : `every ${every === 1 ? unit : `${every} ${unit}s`}${on}`;
  if (count !== null) return `${base}, ${count} times`;
  const last = until && Temporal.PlainDate.from(until).toLocaleString(locale, { dateStyle: 'long' });
  return last ? `${base}, until ${last}` : base;
}

/**
 * The rule of a series whose start moves to another day: weekdays and days of the month that the rule names move
 * along, the rest stays. Its end (UNTIL) is an instant and not moved here.
 */
export function movedRule(rule: string, from: IsoDate, to: IsoDate): string {
  const parts = partsOf(rule);
  const days = Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to)).days;
  if (days === 0) return rule;
  const turned = (code: string) => weekdayCodes[(((weekdayCodes.indexOf(code) + days) % 7) + 7) % 7] ?? code;
  const byday = parts.get('BYDAY');
  if (byday && parts.get('FREQ') === 'WEEKLY') parts.set('BYDAY', byday.split(',').map(turned).join());
  else if (byday && /^-?\d[A-Z]{2}$/.test(byday)) {
    const date = Temporal.PlainDate.from(to);
    const last = byday.startsWith('-') && date.day + 7 > date.daysInMonth;
    parts.set(
      'BYDAY',
      `${last ? -1 : Math.min(4, Math.ceil(date.day / 7))}${weekdayCodes[weekdayOf(to) - 1]}`,
    );
  }
  if (/^\d+$/.test(parts.get('BYMONTHDAY') ?? '')) parts.set('BYMONTHDAY', String(Number(to.slice(8))));
  if (/^\d+$/.test(parts.get('BYMONTH') ?? '')) parts.set('BYMONTH', String(Number(to.slice(5, 7))));
  return ruleText(parts);
}
