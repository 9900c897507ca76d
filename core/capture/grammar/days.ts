import { addDays, type IsoDate } from '../../time/zone';
import {
  dateFrom,
  fridayOf,
  lastOfMonth,
  lastWorkday,
  mondayOf,
  monthAfter,
  monthAhead,
  nextOf,
  nthOfMonth,
} from './calendar';
import { feastAt, monthAlone } from './feasts';
import { dayNumberAt, figures, monthDay, ofMonth, type Day, type Today } from './figures';
import {
  after,
  countAt,
  firstOf,
  monthAt,
  ordinalAt,
  wordAt,
  weekdayAt,
  type At,
  type Read,
  type Token,
} from './tokens';

/** Days named by where they lie from today on: `tomorrow`, `in a fortnight`, `3 days from now`, `this week`. */
function relative({ today }: Today): Read<Day> {
  const plain: readonly (readonly [Day, readonly string[]])[] = [
    [{ date: addDays(today, 2) }, ['the day after tomorrow', 'day after tomorrow', 'overmorrow']],
    [{ date: today }, ['today', 'later today']],
    [{ date: addDays(today, 1) }, ['tomorrow']],
    [{ date: fridayOf(today, 0), isDeadline: true }, ['this week', 'this working week']],
    [
      { date: fridayOf(today, 0) },
      ['end of the week', 'the end of the week', 'end of this week', 'end of week'],
    ],
    [{ date: fridayOf(today, 1) }, ['end of next week', 'the end of next week']],
    [{ date: lastOfMonth(today), isDeadline: true }, ['this month']],
    [
      { date: addDays(mondayOf(today), 7) },
      ['next week', 'early next week', 'beginning of next week', 'start of next week'],
    ],
    [{ date: monthAfter(today, 1) }, ['next month', 'beginning of next month', 'start of next month']],
    [
      { date: nextOf(6, today) },
      ['this weekend', 'the weekend', 'at the weekend', 'over the weekend', 'on the weekend'],
    ],
    [{ date: addDays(mondayOf(today), 12) }, ['next weekend']],
    [
      { date: lastWorkday(today) },
      ['last business day', 'the last business day', 'last working day', 'the last working day'],
    ],
    [
      { date: `${today.slice(0, 4)}-12-31` },
      ['the end of the year', 'end of the year', 'end of year', 'year end'],
    ],
  ];
  const [count, end] = [counted(today), endOf(today)];
  return (tokens, at) => {
    const told = plain.flatMap(([value, words]) => {
      const next = after(tokens, at, ...words);
      return next === undefined ? [] : [{ value, next }];
    });
    const others = [count(tokens, at), end(tokens, at)].flatMap((day) => day ?? []);
    const [first] = [...told, ...others].sort((a, b) => b.next - a.next);
    return first && weekLater(tokens, first);
  };
}

/** `tomorrow week`, `Friday week`: a week after that. */
function weekLater(tokens: readonly Token[], day: At<Day>): At<Day> {
  const next = after(tokens, day.next, 'week');
  return next === undefined ? day : { value: { date: addDays(day.value.date, 7) }, next };
}

const counted =
  (today: IsoDate): Read<Day> =>
  (tokens, at) => {
    const within = after(tokens, at, 'within', 'within the next', 'in the next');
    const lead = after(tokens, at, 'in') ?? within ?? at;
    const fortnight = after(tokens, lead, 'a fortnight', 'fortnight');
    const count = fortnight === undefined ? countAt(tokens, lead) : { value: 2, next: fortnight - 1 };
    if (!count) return undefined;
    const unit = fortnight === undefined ? wordAt(tokens, count.next) : 'weeks';
    const isDeadline = within !== undefined && { isDeadline: true };
    const date = later(today, count.value, unit);
    if (date === undefined) return undefined;
    const next = after(tokens, count.next + 1, "' time", 'time', 'from now', 'from today') ?? count.next + 1;
    if (lead > at) return { value: { date, ...isDeadline }, next };
    // “a week on Saturday”, “two weeks from Friday”; a count alone says no day
    const on = after(tokens, count.next + 1, 'on', 'from', 'after');
    const weekday = on === undefined ? undefined : weekdayAt(tokens, on);
    if (weekday && /^weeks?$/.test(unit))
      return { value: { date: addDays(nextOf(weekday.value, today), 7 * count.value) }, next: weekday.next };
    const base = after(tokens, count.next + 1, 'today')
      ? 0
      : after(tokens, count.next + 1, 'tomorrow')
        ? 1
        : undefined;
    if (base !== undefined && /^weeks?$/.test(unit))
      return { value: { date: addDays(today, base + 7 * count.value) }, next: count.next + 2 };
    return next > count.next + 1 ? { value: { date }, next } : undefined;
  };

function later(today: IsoDate, count: number, unit: string): IsoDate | undefined {
  if (count > 400) return undefined;
  if (/^days?$/.test(unit)) return addDays(today, count);
  if (/^weeks?$/.test(unit)) return addDays(today, 7 * count);
  if (/^(?:months?|years?)$/.test(unit)) {
    const first = monthAfter(today, unit.startsWith('year') ? 12 * count : count);
    const day = Math.min(Number(today.slice(8)), Number(lastOfMonth(first).slice(8)));
    return addDays(first, day - 1);
  }
  return undefined;
}

/** The month that is meant: `May`, `next month`, `the month`. */
const whichMonth =
  (today: IsoDate): Read<IsoDate> =>
  (tokens, at) => {
    const here = after(tokens, at, 'the month', 'this month', 'month');
    if (here !== undefined) return { value: monthAfter(today, 0), next: here };
    const coming = after(tokens, at, 'next month');
    if (coming !== undefined) return { value: monthAfter(today, 1), next: coming };
    const month = monthAt(tokens, at);
    return month && { value: monthAhead(month.value, today), next: month.next };
  };

/** `end of May`, `mid January`, `early March`, `first Monday of March`, `last working day of the month`. */
const endOf =
  (today: IsoDate): Read<Day> =>
  (tokens, at) => {
    const the = after(tokens, at, 'the') ?? at;
    const of = after(tokens, the, 'end of', 'last day of');
    const end = of === undefined ? undefined : whichMonth(today)(tokens, of);
    if (end) return { value: { date: lastOfMonth(end.value) }, next: end.next };
    const begun = after(tokens, the, 'beginning of', 'start of', 'early', 'early in');
    const begin = begun === undefined ? undefined : whichMonth(today)(tokens, begun);
    if (begin) return { value: { date: begin.value }, next: begin.next };
    const within = after(tokens, at, 'in');
    const month = within === undefined ? undefined : monthAt(tokens, within);
    if (month) return { value: { date: monthAhead(month.value, today) }, next: month.next };
    const middle = after(tokens, the, 'mid -', 'mid', 'middle of');
    const mid = middle === undefined ? undefined : whichMonth(today)(tokens, middle);
    if (mid) return { value: { date: addDays(mid.value, 14) }, next: mid.next };
    const workday = after(tokens, the, 'last working day of', 'last business day of', 'last working day in');
    const work = workday === undefined ? undefined : whichMonth(today)(tokens, workday);
    if (work) return { value: { date: lastWorkday(work.value) }, next: work.next };
    const nth = ordinalAt(tokens, the);
    const weekday = nth && nth.value <= 5 ? weekdayAt(tokens, nth.next) : undefined;
    const link = weekday && after(tokens, weekday.next, 'of', 'in');
    const which = link === undefined ? undefined : whichMonth(today)(tokens, link);
    if (!nth || !weekday || !which) return undefined;
    const date = nthOfMonth(which.value, nth.value, weekday.value);
    const next = monthAt(tokens, link ?? 0) ? 12 : 1;
    return {
      value: {
        date: date >= today ? date : nthOfMonth(monthAfter(which.value, next), nth.value, weekday.value),
      },
      next: which.next,
    };
  };

/** A weekday, with what tells which one: `Fri`, `next Monday`, `Friday week`, `Friday the 27th`, `Wed 2 Dec`. */
function weekday(present: Today): Read<Day> {
  const { today } = present;
  const [dates, days] = [firstOf(monthDay(present), figures(present)), ofMonth(present)];
  const monday = mondayOf(today);
  return (tokens, at) => {
    const next = after(tokens, at, 'next', 'next week on', 'next week');
    const lead = next ?? after(tokens, at, 'this coming', 'this', 'coming') ?? at;
    const day = weekdayAt(tokens, lead);
    if (!day) return undefined;
    const comma = wordAt(tokens, day.next) === ',' ? day.next + 1 : day.next;
    const dated = lead === at ? dates(tokens, comma) : undefined;
    if (dated) return dated;
    const nth = lead === at ? days(tokens, day.next) : undefined;
    if (nth) return nth;
    // today itself is said as “today”; a weekday is one ahead
    const coming = nextOf(day.value, addDays(today, 1));
    const date = next === undefined ? coming : addDays(monday, 6 + day.value);
    const inWeek = after(tokens, day.next, 'next week');
    if (inWeek !== undefined && lead === at)
      return { value: { date: addDays(monday, 6 + day.value) }, next: inWeek };
    return weekLater(tokens, { value: { date }, next: day.next });
  };
}

/** `week of 14 December`, `w/c 7 Dec`: its Monday. */
function weekOf(present: Today): Read<Day> {
  const days = firstOf(monthDay(present), figures(present), ofMonth(present));
  return (tokens, at) => {
    const lead = after(
      tokens,
      after(tokens, at, 'in') ?? at,
      'the week of',
      'week of',
      'the week commencing',
      'the week beginning',
      'the week starting',
      'week commencing',
      'week beginning',
      'w / c',
      'wc',
      'week starting',
    );
    if (lead === undefined) return undefined;
    const day = days(tokens, lead);
    return day && { value: { date: mondayOf(day.value.date) }, next: day.next };
  };
}

/** A day, without the words that lead to it. */
export const dayAt = (present: Today): Read<Day> =>
  firstOf(weekOf(present), figures(present), monthDay(present), relative(present), weekday(present));

/** A day that words ask for that stand before it: `the 3rd`, `Christmas`, `January`. */
export const namedDayAt = (present: Today): Read<Day> =>
  firstOf(ofMonth(present), feastAt(present.today), monthAlone(present.today));

/** A stretch of days: `1 Dec–3 Dec`, `21 Dec to 2 Jan`, `7-11 December`. */
export const daysAt = (
  present: Today,
  read: Read<Day>,
): Read<{ readonly from: IsoDate; readonly to: IsoDate }> => {
  const dates = monthDay(present);
  return (tokens, at) => {
    const lead = after(tokens, at, 'from', 'between') ?? at;
    const number = dayNumberAt(tokens, lead);
    const dash = number && after(tokens, number.next, '-', '–', '—', 'to', 'until', 'till', 'and');
    const last = dash === undefined ? undefined : dates(tokens, dash);
    if (number && last) {
      const from = dateFrom(
        Number(last.value.date.slice(0, 4)),
        Number(last.value.date.slice(5, 7)),
        number.value,
      );
      if (from && from <= last.value.date) return { value: { from, to: last.value.date }, next: last.next };
    }
    const first = read(tokens, lead);
    const to = first && after(tokens, first.next, '-', '–', '—', 'to', 'until', 'till', 'through');
    const end = to === undefined ? undefined : read(tokens, to);
    if (!first || !end) return undefined;
    const value = { from: first.value.date, to: end.value.date };
    return value.to > value.from ? { value, next: end.next } : undefined;
  };
};
