import type { DayHours } from '../../time/dayHours';
import { minutesOfClock } from '../../time/wall';
import { after, numberAt, wordAt, type At, type Read, type Token } from './tokens';

/** An hour of the clock as it is told: minutes since midnight, and whether they say which half of the day is meant. */
export type Clock = {
  readonly minutes: number;
  /** Told outright: `14:30`, `3pm`, `noon`; else the half of the day is to be found. */
  readonly isWhole: boolean;
  /** Nothing but a number says that it is an hour, `9`, `9.30`: only words around it make it one. */
  readonly isBare: boolean;
};

/** `am`, `p.m.`, or `a` and `p` right behind a number. */
function halfAt(tokens: readonly Token[], at: number): At<'a' | 'p'> | undefined {
  const token = tokens[at];
  const [, half] = /^([ap])(?:\.?m)?$/.exec(token?.word ?? '') ?? [];
  if (!token || (token.apart && token.word.length === 1)) return undefined;
  const dot = token.word.includes('.') && wordAt(tokens, at + 1) === '.' && !tokens[at + 1]?.apart;
  return half === 'a' || half === 'p' ? { value: half, next: at + (dot ? 2 : 1) } : undefined;
}

const inHalf = (hour: number, half: 'a' | 'p'): number => (hour % 12) + (half === 'p' ? 12 : 0);

const UNIT = /^(?:h|hrs?|hours?|m|mins?|minutes?|days?|weeks?|months?|years?|%|km|kg|x)$/;

/** Digits: `14:30`, `2.30pm`, `9`, `14h30`, `1430`. */
const digitsAt: Read<Clock> = (tokens, at) => {
  const typed = wordAt(tokens, at);
  const [, hours, mark, rest] =
    /^(\d{1,2})(?:([:.])(\d{2}))?$/.exec(typed) ?? /^(\d{2})()(\d{2})$/.exec(typed) ?? [];
  if (hours === undefined) return undefined;
  // “3 hours” is none
  const isTold = wordAt(tokens, at + 1) === 'h' && /^[0-5]\d$/.test(wordAt(tokens, at + 2));
  if (rest === undefined && UNIT.test(wordAt(tokens, at + 1)) && !isTold) return undefined;
  const hour = Number(hours);
  const minute = Number(rest ?? 0);
  if (hour > 23 || minute > 59) return undefined;
  const half = hour >= 1 && hour <= 12 ? halfAt(tokens, at + 1) : undefined;
  if (half)
    return {
      value: { minutes: inHalf(hour, half.value) * 60 + minute, isWhole: true, isBare: false },
      next: half.next,
    };
  const [h, after_] = [tokens[at + 1], tokens[at + 2]];
  if (
    rest === undefined &&
    h?.word === 'h' &&
    !h.apart &&
    after_ &&
    !after_.apart &&
    /^[0-5]\d$/.test(after_.word)
  )
    return {
      value: { minutes: hour * 60 + Number(after_.word), isWhole: true, isBare: hour < 9 },
      next: at + 3,
    };
  const isWhole =
    hour > 12 || hour === 0 || hours.startsWith('0') || (hours.length === 2 && hour < 12 && mark === ':');
  const clock = after(tokens, at + 1, "o'clock", 'oclock', 'sharp');
  const value = { minutes: hour * 60 + minute, isWhole, isBare: mark !== ':' && clock === undefined };
  return { value, next: clock ?? at + 1 };
};

/** Words: `half two`, `quarter to six`, `5 past 3`, `four o'clock`. */
const spokenAt: Read<Clock> = (tokens, at) => {
  const begin = after(tokens, at, 'a quarter', 'quarter');
  const half = wordAt(tokens, at) === 'half' ? at + 1 : undefined;
  const count = begin === undefined && half === undefined ? numberAt(tokens, at) : undefined;
  const minutes = half !== undefined ? 30 : begin !== undefined ? 15 : count?.value;
  const unit =
    half ?? begin ?? (count && (after(tokens, count.next, 'minutes', 'mins', 'min') ?? count.next));
  if (minutes === undefined || unit === undefined) return undefined;
  const side = wordAt(tokens, unit);
  const led = side === 'past' || side === 'to' || side === 'after' || side === 'of' ? unit + 1 : unit;
  if (led === unit ? half === undefined : (side === 'after' || side === 'of') && begin === undefined)
    return wholeHour(tokens, at);
  const hour = numberAt(tokens, led);
  if (!hour || hour.value < 1 || hour.value > 12 || minutes > 30) return undefined;
  // “half two jars” and “ten to five people” are none
  const told = (hour.value % 12) * 60 + (side === 'to' || side === 'of' ? -minutes : minutes);
  const pm = halfAt(tokens, hour.next);
  if (pm)
    return {
      value: { minutes: told + (pm.value === 'p' ? 720 : 0), isWhole: true, isBare: false },
      next: pm.next,
    };
  const minutesTold = told <= 0 ? told + 720 : told;
  return {
    value: { minutes: minutesTold, isWhole: false, isBare: false },
    next: after(tokens, hour.next, "o'clock") ?? hour.next,
  };
};

/** `four o'clock`, and `four` where words around it make it an hour. */
const wholeHour: Read<Clock> = (tokens, at) => {
  const hour = numberAt(tokens, at);
  if (!hour || /^\d/.test(wordAt(tokens, at)) || hour.value < 1 || hour.value > 12) return undefined;
  const clock = after(tokens, hour.next, "o'clock", 'oclock', 'sharp');
  const half = halfAt(tokens, hour.next);
  if (half)
    return {
      value: { minutes: inHalf(hour.value, half.value) * 60, isWhole: true, isBare: false },
      next: half.next,
    };
  return {
    value: { minutes: hour.value * 60, isWhole: false, isBare: clock === undefined },
    next: clock ?? hour.next,
  };
};

const named: Read<Clock> = (tokens, at) => {
  const noon = after(tokens, at, 'noon', 'midday');
  if (noon !== undefined) return { value: { minutes: 720, isWhole: true, isBare: false }, next: noon };
  const midnight = after(tokens, at, 'midnight');
  // that with which the day ends
  return midnight === undefined
    ? undefined
    : { value: { minutes: 1440, isWhole: true, isBare: false }, next: midnight };
};

/** An hour of the clock. */
export const clockAt: Read<Clock> = (tokens, at) =>
  named(tokens, at) ?? spokenAt(tokens, at) ?? digitsAt(tokens, at) ?? wholeHour(tokens, at);

/** A part of the day: from when on it is, and whether an hour beside it lies after noon. */
export type Part = { readonly minutes: number; readonly isLate: boolean; readonly isToday: boolean };

/** `this evening`, `first thing`, `at lunchtime`, `end of day`, `in the morning`. */
export const partAt =
  (hours: DayHours): Read<Part> =>
  (tokens, at) => {
    const lead = after(tokens, at, 'at the', 'in the', 'at', 'in', 'this', 'the', 'during', 'over') ?? at;
    const part = (minutes: number, isLate: boolean, next: number | undefined, isToday = false) =>
      next === undefined ? [] : [{ value: { minutes, isLate, isToday }, next }];
    const isThis = wordAt(tokens, at) === 'this';
    const [found] = [
      ...part(20 * 60, true, after(tokens, at, 'tonight'), true),
      ...part(
        minutesOfClock(hours.begin),
        false,
        after(tokens, lead, 'first thing in the morning', 'first thing'),
      ),
      ...part(
        minutesOfClock(hours.begin),
        false,
        after(tokens, lead, 'early morning', 'morning', 'am'),
        isThis,
      ),
      ...part(minutesOfClock(hours.lunch), true, after(tokens, lead, 'lunchtime', 'lunch time')),
      ...part(
        14 * 60,
        true,
        after(tokens, lead, 'early afternoon', 'late afternoon', 'afternoon', 'pm'),
        isThis,
      ),
      ...part(18 * 60, true, after(tokens, lead, 'evening', 'eve'), isThis),
      ...part(21 * 60, true, after(tokens, lead, 'night')),
      ...part(
        minutesOfClock(hours.end),
        true,
        after(
          tokens,
          lead,
          'end of the day',
          'end of day',
          'close of business',
          'close of play',
          'eod',
          'cob',
          'cop',
        ),
      ),
    ];
    // “in the night” and “morning” alone stand in titles, too: whoever reads decides by what is around
    return found;
  };
