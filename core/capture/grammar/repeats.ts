import { ruleOf, untilOf, type Repeat } from '../../calendar/repeat';
import { addDays, type IsoDate } from '../../time/zone';
import { ruleStarts } from '../../calendar/rule';
import type { PartOfDay } from './clock';
import {
  after,
  countAt,
  firstOf,
  ordinalAt,
  wordAt,
  weekdayAt,
  type At,
  type Read,
  type Token,
} from './tokens';

/** What was said of repeating, and what else the same words say: a part of the day, as in `every evening`. */
type Said = { readonly rule: string; readonly part?: PartOfDay };

/** A Monday, from which a day of each weekday is told. */
const MONDAY = '1970-01-05';

/** The rule of how something comes again; for the nth of a month `weekday` says which (1 is Monday). */
const ruleFor = (changes: Partial<Repeat>, weekday = 1): string =>
  ruleOf(
    { unit: 'week', every: 1, days: [], nth: null, until: null, count: null, ...changes },
    addDays(MONDAY, weekday - 1),
  );
const weekly = (days: readonly number[], every = 1): string => ruleFor({ days: [...new Set(days)], every });
const WORKDAYS = [1, 2, 3, 4, 5];

/** Weekdays one after the other: `Mon, Wed and Fri`, `Tue/Thu`, `Monday to Thursday`. */
function weekdaysAt(tokens: readonly Token[], at: number, many = false): At<number[]> | undefined {
  const first = weekdayAt(tokens, at, many);
  if (!first) return undefined;
  const through = after(tokens, first.next, 'to', 'through', '-', '–');
  const last = through === undefined ? undefined : weekdayAt(tokens, through, many);
  if (last && last.value > first.value)
    return {
      value: Array.from({ length: last.value - first.value + 1 }, (_, i) => first.value + i),
      next: last.next,
    };
  const days = [first.value];
  let { next } = first;
  for (;;) {
    const link = after(tokens, next, ', and', ', &', ',', 'and', '&', '+', '/');
    const another = link === undefined ? undefined : weekdayAt(tokens, link, many);
    if (!another) return { value: days, next };
    days.push(another.value);
    next = another.next;
  }
}

const LETTERS: Readonly<Record<string, readonly number[]>> = {
  mwf: [1, 3, 5],
  tth: [2, 4],
  tuth: [2, 4],
  mtwtf: WORKDAYS,
};

const UNITS: Readonly<Record<string, readonly [Repeat['unit'], number]>> = {
  day: ['day', 1],
  week: ['week', 1],
  fortnight: ['week', 2],
  month: ['month', 1],
  quarter: ['month', 3],
  year: ['year', 1],
};
const PARTS: readonly PartOfDay[] = ['morning', 'afternoon', 'evening', 'night'];

/** `the 1st`, `15th and last day`, `the 1st and 15th`. */
function monthDaysAt(tokens: readonly Token[], at: number): At<number[]> | undefined {
  const days: number[] = [];
  let next = at;
  for (;;) {
    const the = after(tokens, next, 'on the', 'the') ?? next;
    const day = ordinalAt(tokens, the);
    const isLast = day?.value === -1;
    const named = day && after(tokens, day.next, 'day');
    const isTold = /^\d/.test(wordAt(tokens, the)) || (day && ofEachMonth(tokens, day.next) !== undefined);
    if (!day || (isLast ? named === undefined : !isTold)) break;
    days.push(day.value);
    next = named ?? day.next;
    const link = after(tokens, next, 'and', '&', ',');
    if (link === undefined) break;
    next = link;
  }
  return days.length === 0 ? undefined : { value: days, next };
}

const ofEachMonth = (tokens: readonly Token[], at: number) =>
  after(
    tokens,
    at,
    'of every month',
    'of each month',
    'of the month',
    'every month',
    'each month',
    'monthly',
    'in every month',
  );

/** The days of a month that something is on each month: `on the 1st of every month`, `last Friday of the month`. */
const monthly: Read<Said> = (tokens, at) => {
  const lead = after(tokens, at, 'monthly', 'every month', 'each month');
  const days = monthDaysAt(tokens, lead ?? at);
  const end = days && (lead === undefined ? ofEachMonth(tokens, days.next) : days.next);
  if (days && end !== undefined)
    return { value: { rule: `FREQ=MONTHLY;BYMONTHDAY=${days.value.join()}` }, next: end };
  const isEach = lead !== undefined || /^(?:every|each)$/.test(wordAt(tokens, at));
  const the = after(tokens, lead ?? at, 'on the', 'the', 'every', 'each') ?? lead ?? at;
  const nth = ordinalAt(tokens, the);
  const weekday = nth && nth.value <= 4 ? weekdayAt(tokens, nth.next) : undefined;
  if (!nth || !weekday) return undefined;
  const rule = ruleFor({ unit: 'month', nth: nth.value }, weekday.value);
  const of = lead === undefined ? ofEachMonth(tokens, weekday.next) : weekday.next;
  if (of !== undefined) return { value: { rule }, next: of };
  // “every second Tuesday” is every other one, “every first Tuesday” one a month
  return isEach && (nth.value === 1 || nth.value === -1)
    ? { value: { rule }, next: weekday.next }
    : undefined;
};

const each: Read<Said> = (tokens, at) => {
  const lead = after(tokens, at, 'every single', 'every', 'each', 'once a', 'once every', 'one time a');
  if (lead === undefined) return undefined;
  const isOnce = wordAt(tokens, at) === 'once';
  const second = ordinalAt(tokens, lead);
  const other = second?.value === 2 ? second.next : after(tokens, lead, 'other', 'alternate');
  const count = other === undefined && !isOnce ? countAt(tokens, lead) : undefined;
  const step = other === undefined ? (count?.value ?? 1) : 2;
  const from = other ?? count?.next ?? lead;
  const weekdays = weekdaysAt(tokens, from, true);
  if (weekdays && (count === undefined || wordAt(tokens, lead) === 'a'))
    return { value: { rule: weekly(weekdays.value, step) }, next: weekdays.next };
  const word = wordAt(tokens, from);
  const part = PARTS.find((name) => name === word.replace(/s$/, ''));
  if (part && step === 1) return { value: { rule: ruleFor({ unit: 'day' }), part }, next: from + 1 };
  if (/^(?:weekday|workday|working)$/.test(word)) {
    const next = word === 'working' ? after(tokens, from, 'working day') : from + 1;
    if (next === undefined) return undefined;
    const late = PARTS.find((name) => name === wordAt(tokens, next));
    return {
      value: { rule: weekly(WORKDAYS, step), ...(late ? { part: late } : {}) },
      next: late ? next + 1 : next,
    };
  }
  if (word === 'weekend') return { value: { rule: weekly([6, 7], step) }, next: from + 1 };
  const [unit, times] = UNITS[word.replace(/s$/, '')] ?? [];
  if (unit === undefined || times === undefined || step > 99) return undefined;
  const onDays = unit === 'week' ? after(tokens, from + 1, 'on') : undefined;
  const days = onDays === undefined ? undefined : weekdaysAt(tokens, onDays, true);
  if (days) return { value: { rule: weekly(days.value, step * times) }, next: days.next };
  return { value: { rule: ruleFor({ unit, every: step * times }) }, next: from + 1 };
};

const ADVERBS: Readonly<Record<string, keyof typeof UNITS>> = {
  daily: 'day',
  nightly: 'day',
  weekly: 'week',
  fortnightly: 'fortnight',
  biweekly: 'fortnight',
  monthly: 'month',
  quarterly: 'quarter',
  yearly: 'year',
  annually: 'year',
};

/** `daily`, `weekly on Fridays`; in front of what it describes it is a part of its name: `weekly review`. */
const adverb: Read<Said> = (tokens, at) => {
  const [unit, every] = UNITS[ADVERBS[wordAt(tokens, at)] ?? ''] ?? [];
  if (unit === undefined || every === undefined) return undefined;
  const on = after(tokens, at + 1, 'on', 'every', 'each') ?? at + 1;
  const days = unit === 'week' ? weekdaysAt(tokens, on, true) : undefined;
  if (days) return { value: { rule: weekly(days.value, every) }, next: days.next };
  const ends = /^$|^[,;.)]$|^(?:at|from|until|till|for|in|by|on|starting|urgent)$|^\d/.test(
    wordAt(tokens, at + 1),
  );
  return ends ? { value: { rule: ruleFor({ unit, every }) }, next: at + 1 } : undefined;
};

/** Several weekdays, or one in the plural, without a word that says “each”: `Mon, Wed and Fri`, `Tuesdays`. */
const listed: Read<Said> = (tokens, at) => {
  const lead = after(tokens, at, 'on') ?? at;
  const letters = LETTERS[wordAt(tokens, lead)];
  if (letters && /^[A-Z]+$/.test(tokens[lead]?.raw ?? ''))
    return { value: { rule: weekly(letters) }, next: lead + 1 };
  const all = after(tokens, lead, 'weekdays', 'workdays', 'working days');
  if (all !== undefined) return { value: { rule: weekly(WORKDAYS) }, next: all };
  const weekends = after(tokens, lead, 'weekends', 'at weekends');
  if (weekends !== undefined) return { value: { rule: weekly([6, 7]) }, next: weekends };
  const alternate = after(tokens, lead, 'alternate');
  const others = alternate === undefined ? undefined : weekdaysAt(tokens, alternate, true);
  if (others) return { value: { rule: weekly(others.value, 2) }, next: others.next };
  const days = weekdaysAt(tokens, lead, true);
  const isMany = /days$/.test(wordAt(tokens, lead));
  return days && (days.value.length > 1 || isMany)
    ? { value: { rule: weekly(days.value) }, next: days.next }
    : undefined;
};

/** Every day but some: `daily except Sundays`. */
const allBut: Read<Said> = (tokens, at) => {
  const day = after(tokens, at, 'every day', 'each day', 'daily');
  const but =
    day && after(tokens, day, 'except', 'except on', 'except for', 'but not on', 'but not', 'apart from');
  const out = but === undefined ? undefined : weekdaysAt(tokens, but, true);
  if (!out) return undefined;
  return {
    value: { rule: weekly([...WORKDAYS, 6, 7].filter((each) => !out.value.includes(each))) },
    next: out.next,
  };
};

/** How something comes again. */
export const oftenAt: Read<Said> = firstOf(allBut, monthly, each, adverb, listed);

/** A rule with its last day. */
export const untilDay = (rule: string, date: IsoDate): string => `${rule};UNTIL=${untilOf(date)}`;

/** How many days are looked through for a first one. */
const AHEAD = 400;

/** The first day of a rule from a date on. */
export const firstDayOf = (rule: string, from: IsoDate): IsoDate =>
  ruleStarts(rule, from, 'UTC', from, addDays(from, AHEAD))[0] ?? from;
