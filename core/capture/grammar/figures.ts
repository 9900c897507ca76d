import type { Style } from '../../time/words';
import type { IsoDate } from '../../time/zone';
import { ahead, dateFrom, monthAfter } from './calendar';
import { after, monthAt, ordinalAt, wordAt, type At, type Read, type Token } from './tokens';

/* Days that are told by figures: of a month, or of none. */

/** A day as it is told, and whether it is the end of a stretch in which something is due: `this week`. */
export type Day = { readonly date: IsoDate; readonly isDeadline?: boolean };

/** What days are read by: the present one, and how dates are written. */
export type Today = { readonly today: IsoDate; readonly dates: Style['dates'] };

/** A year behind a day: `2026`, or with a comma before it. */
function yearAt(tokens: readonly Token[], at: number): At<number> | undefined {
  const comma = wordAt(tokens, at) === ',' ? at + 1 : at;
  return /^20\d\d$/.test(wordAt(tokens, comma))
    ? { value: Number(wordAt(tokens, comma)), next: comma + 1 }
    : undefined;
}

/** The day of a month and the month, in either order, with or without a year: `3 Dec`, `December 3rd, 2026`. */
export const monthDay =
  ({ today }: Today): Read<Day> =>
  (tokens, at) => {
    const first = dayNumberAt(tokens, at) ?? spokenDayAt(tokens, at);
    const of = first && (after(tokens, first.next, 'of') ?? first.next);
    const month = of === undefined ? monthAt(tokens, at) : monthAt(tokens, of);
    if (!month) return undefined;
    const day = first ?? dayNumberAt(tokens, month.next) ?? spokenDayAt(tokens, month.next);
    if (!day) return undefined;
    const end = first ? month.next : day.next;
    const year = yearAt(tokens, end);
    const date = year ? dateFrom(year.value, month.value, day.value) : ahead(month.value, day.value, today);
    return date === undefined ? undefined : { value: { date }, next: year?.next ?? end };
  };

/** `the fourth`, beside a month. */
const spokenDayAt: Read<number> = (tokens, at) => {
  const the = after(tokens, at, 'the');
  const day = the === undefined ? undefined : ordinalAt(tokens, the);
  return day && day.value > 0 ? day : undefined;
};

export function dayNumberAt(tokens: readonly Token[], at: number): At<number> | undefined {
  const ordinal = /^\d/.test(wordAt(tokens, at)) ? ordinalAt(tokens, at) : undefined;
  if (ordinal) return ordinal.value >= 1 && ordinal.value <= 31 ? ordinal : undefined;
  const word = wordAt(tokens, at);
  return /^(?:0?[1-9]|[12]\d|3[01])$/.test(word) ? { value: Number(word), next: at + 1 } : undefined;
}

/** Figures: `2026-12-03`, `3/12`, `3/12/26`, `03.12.`, `3.12.2026`. */
export const figures =
  ({ today, dates }: Today): Read<Day> =>
  (tokens, at) => {
    const glued = (i: number) => tokens[i]?.apart === false;
    const [a, mark, b] = [wordAt(tokens, at), wordAt(tokens, at + 1), wordAt(tokens, at + 2)];
    const isDashed = mark === '-' && wordAt(tokens, at + 3) === '-' && glued(at + 4);
    if (isDashed) {
      const c = wordAt(tokens, at + 4);
      const [year, month, day] = /^\d{4}$/.test(a)
        ? [a, b, c]
        : dates === 'monthFirst'
          ? [c, a, b]
          : [c, b, a];
      const date = /^\d{4}$/.test(year) ? dateFrom(Number(year), Number(month), Number(day)) : undefined;
      // as a machine writes it: 2026-12-04T09:30
      const t = wordAt(tokens, at + 5) === 't' && !tokens[at + 5]?.apart ? 1 : 0;
      return date === undefined ? undefined : { value: { date }, next: at + 5 + t };
    }
    const dotted = /^(\d{1,2})\.(\d{1,2})(?:\.(\d{4}|\d{2}))?$/.exec(a);
    if (dotted) {
      const dot = dotted[3] === undefined && mark === '.' && glued(at + 1);
      if (dotted[3] === undefined && !dot) return undefined;
      const date = inYear(Number(dotted[2]), Number(dotted[1]), dotted[3], today);
      return date === undefined ? undefined : { value: { date }, next: at + (dot ? 2 : 1) };
    }
    if (!/^\d{1,2}$/.test(a) || mark !== '/' || !glued(at + 1) || !/^\d{1,2}$/.test(b) || !glued(at + 2))
      return undefined;
    const year = wordAt(tokens, at + 3) === '/' && glued(at + 3) ? wordAt(tokens, at + 4) : undefined;
    if (year !== undefined && !/^(?:\d{2}|\d{4})$/.test(year)) return undefined;
    const [one, two] = [Number(a), Number(b)];
    const isMonthFirst = dates === 'monthFirst' ? one <= 12 : two > 12;
    const date = isMonthFirst ? inYear(one, two, year, today) : inYear(two, one, year, today);
    return date === undefined ? undefined : { value: { date }, next: at + (year === undefined ? 3 : 5) };
  };

const inYear = (month: number, day: number, year: string | undefined, today: IsoDate) =>
  year === undefined
    ? ahead(month, day, today)
    : dateFrom(Number(year.length === 2 ? `20${year}` : year), month, day);

/** A day of the month alone: `the 3rd`. */
export const ofMonth =
  ({ today }: Today): Read<Day> =>
  (tokens, at) => {
    const the = after(tokens, at, 'the');
    const day = the === undefined || !/^\d/.test(wordAt(tokens, the)) ? undefined : ordinalAt(tokens, the);
    if (!day || day.value < 1 || day.value > 31) return undefined;
    const months = [0, 1, 2, 3].map((i) => monthAfter(today, i));
    const date = months
      .flatMap((first) => dateFrom(Number(first.slice(0, 4)), Number(first.slice(5, 7)), day.value) ?? [])
      .find((one) => one >= today);
    return date === undefined ? undefined : { value: { date }, next: day.next };
  };
