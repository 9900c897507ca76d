import { weekdayNames } from '../time/words';
import { addDays, weekdayOf, type IsoDate } from '../time/zone';
import type { Found } from './found';

/** The first day of the month that lies `months` after that of a date. */
function monthAfter(date: IsoDate, months: number): IsoDate {
  const [year = 0, month = 1] = date.split('-').map(Number);
  const count = year * 12 + month - 1 + months;
  return `${String(Math.floor(count / 12)).padStart(4, '0')}-${String((count % 12) + 1).padStart(2, '0')}-01`;
}

const lastOfMonth = (first: IsoDate): IsoDate => addDays(monthAfter(first, 1), -1);

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const MONTHS_NAMED = 'january|february|march|april|may|june|july|august|september|october|november|december';
const month = `(?:${MONTHS_NAMED}|this month|next month|the month)`;
const weekday = '(?:monday|tuesday|wednesday|thursday|friday|saturday|sunday)';
const ends = "(?![\\w’'-])";

const endOf = new RegExp(`\\b(?:the )?end of (?:(the|this|next) )?(week|month)${ends}`, 'gi');
const endOfNamed = new RegExp(
  `\\b(?:the )?end of (${MONTHS_NAMED})(?=$|\\s*[,;.\\0]|\\s+(?:at|for|in|by|due|category|list|urgent)\\b|\\s+\\d)`,
  'gi',
);
const afterTomorrow = /\b(?:the )?day after tomorrow\b/gi;
const nth = new RegExp(
  `\\b(?:the )?(first|second|third|fourth|last) (${weekday}) (?:of|in) (${month})${ends}`,
  'gi',
);

const NTH: Readonly<Record<string, number>> = { first: 0, second: 1, third: 2, fourth: 3 };
const FRIDAY = 5;

/** The Friday on which a week of work ends: of the week of `today`, or the next one on a weekend; `weeks` later. */
const fridayOf = (today: IsoDate, weeks: number): IsoDate =>
  addDays(today, ((FRIDAY - weekdayOf(today) + 7) % 7) + 7 * weeks);

/** The first or n-th or last weekday (Monday is 1) of the month that begins on a date. */
function nthOf(first: IsoDate, count: string, day: number): IsoDate {
  if (count === 'last') {
    const last = lastOfMonth(first);
    return addDays(last, -((weekdayOf(last) - day + 7) % 7));
  }
  return addDays(first, ((day - weekdayOf(first) + 7) % 7) + 7 * (NTH[count] ?? 0));
}

/** The first day of the month of a name that comes next, the present one included. */
function monthAhead(name: string, today: IsoDate): IsoDate {
  const months = (MONTHS.indexOf(name.slice(0, 3)) - Number(today.slice(5, 7)) + 1 + 12) % 12;
  return monthAfter(`${today.slice(0, 7)}-01`, months);
}

/** The day that is meant by a weekday of a month; of a month that has no such day ahead, that of the year after. */
function nthDay(count: string, dayName: string, monthName: string, today: IsoDate): IsoDate {
  const day = 1 + weekdayNames.findIndex((name) => name.toLowerCase() === dayName);
  const here = `${today.slice(0, 7)}-01`;
  if (monthName.endsWith('month'))
    return nthOf(monthAfter(here, monthName.startsWith('next') ? 1 : 0), count, day);
  const first = monthAhead(monthName, today);
  const date = nthOf(first, count, day);
  return date >= today ? date : nthOf(monthAfter(first, 12), count, day);
}

/** Days that are told by where they lie in a week or a month: `end of the month`, `first Monday of March`. */
export function findNamedDays(text: string, today: IsoDate): Found<IsoDate>[] {
  const ended = [...text.matchAll(endOf)].map(({ 0: words, 1: which = '', 2: unit = '', index }) => {
    const next = which.toLowerCase() === 'next' ? 1 : 0;
    const value =
      unit.toLowerCase() === 'week'
        ? fridayOf(today, next)
        : lastOfMonth(monthAfter(`${today.slice(0, 7)}-01`, next));
    return { value, from: index, to: index + words.length };
  });
  const counted = [...text.matchAll(nth)].map(
    ({ 0: words, 1: count = '', 2: day = '', 3: name = '', index }) => ({
      value: nthDay(count.toLowerCase(), day.toLowerCase(), name.toLowerCase(), today),
      from: index,
      to: index + words.length,
    }),
  );
  const named = [...text.matchAll(endOfNamed)].map(({ 0: words, 1: name = '', index }) => ({
    value: lastOfMonth(monthAhead(name.toLowerCase(), today)),
    from: index,
    to: index + words.length,
  }));
  const after = [...text.matchAll(afterTomorrow)].map(({ 0: words, index }) => ({
    value: addDays(today, 2),
    from: index,
    to: index + words.length,
  }));
  return [...ended, ...named, ...counted, ...after];
}
