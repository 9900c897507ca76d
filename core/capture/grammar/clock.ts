import type { DayHours } from '../../time/dayHours';
import { minutesOfClock } from '../../time/wall';
import { after, firstOf, numberAt, wordAt, type At, type Read, type Token } from './tokens';

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

/** An hour that is told outright, and one of which the half of the day is to be found. */
const outright = (minutes: number, next: number, isBare = false): At<Clock> => ({
  value: { minutes, isWhole: true, isBare },
  next,
});
const either = (minutes: number, next: number, isBare = false): At<Clock> => ({
  value: { minutes, isWhole: false, isBare },
  next,
});

const UNIT = /^(?:h|hrs?|hours?|m|mins?|minutes?|days?|weeks?|months?|years?|%|km|kg|x)$/;
const clockWord = (tokens: readonly Token[], at: number) =>
  after(tokens, at, "o'clock", 'oclock', 'sharp', 'ish');

/** Digits: `14:30`, `2.30pm`, `9`, `14h30`, `1430`. */
const digitsAt: Read<Clock> = (tokens, at) => {
  const [, hours, mark, rest] =
    /^(\d{1,2})(?:([:.])(\d{2}))?$/.exec(wordAt(tokens, at)) ??
    /^(\d{2})()(\d{2})$/.exec(wordAt(tokens, at)) ??
    [];
  if (hours === undefined) return undefined;
  const [hour, minute] = [Number(hours), Number(rest ?? 0)];
  if (hour > 23 || minute > 59) return undefined;
  const half = hour >= 1 && hour <= 12 ? halfAt(tokens, at + 1) : undefined;
  if (half) return outright(inHalf(hour, half.value) * 60 + minute, half.next);
  const [h, more] = [tokens[at + 1], tokens[at + 2]];
  const isGlued = h?.word === 'h' && !h.apart && more?.apart === false && /^[0-5]\d$/.test(more.word);
  // “9h30” may be a length as well
  if (rest === undefined && isGlued) return outright(hour * 60 + Number(more.word), at + 3, hour < 9);
  // “3 hours” is none
  if (rest === undefined && UNIT.test(h?.word ?? '')) return undefined;
  const isTold =
    hour > 12 || hour === 0 || hours.startsWith('0') || (hours.length === 2 && hour < 12 && mark === ':');
  const clock = clockWord(tokens, at + 1);
  return (isTold ? outright : either)(
    hour * 60 + minute,
    clock ?? at + 1,
    mark !== ':' && clock === undefined,
  );
};

/** Minutes before or after an hour: `half two`, `quarter to six`, `5 past 3`. */
const spokenAt: Read<Clock> = (tokens, at) => {
  const half = after(tokens, at, 'half');
  const quarter = after(tokens, at, 'a quarter', 'quarter');
  const count = half === undefined && quarter === undefined ? numberAt(tokens, at) : undefined;
  const minutes = half !== undefined ? 30 : quarter !== undefined ? 15 : count?.value;
  const end =
    half ?? quarter ?? (count && (after(tokens, count.next, 'minutes', 'mins', 'min') ?? count.next));
  if (minutes === undefined || end === undefined || minutes > 30) return undefined;
  const before = after(tokens, end, 'to', ...(quarter === undefined ? [] : ['of']));
  const past = after(tokens, end, 'past', ...(quarter === undefined ? [] : ['after']));
  const led = before ?? past ?? half;
  const hour = led === undefined ? undefined : numberAt(tokens, led);
  if (!hour || hour.value < 1 || hour.value > 12) return undefined;
  const told = (hour.value % 12) * 60 + (before === undefined ? minutes : -minutes);
  const side = halfAt(tokens, hour.next);
  if (side) return outright(told + (side.value === 'p' ? 720 : 0), side.next);
  return either(told <= 0 ? told + 720 : told, clockWord(tokens, hour.next) ?? hour.next);
};

/** `four o'clock`, `five thirty`, and `four` where words around it make it an hour. */
const wordsAt: Read<Clock> = (tokens, at) => {
  const hour = numberAt(tokens, at);
  if (!hour || /^\d/.test(wordAt(tokens, at)) || hour.value < 1 || hour.value > 12) return undefined;
  const more = /^\d/.test(wordAt(tokens, hour.next)) ? undefined : numberAt(tokens, hour.next);
  const isMinute = more !== undefined && more.value >= 10 && more.value < 60;
  const [minute, end] = isMinute ? [more.value, more.next] : [0, hour.next];
  const half = halfAt(tokens, end);
  if (half) return outright(inHalf(hour.value, half.value) * 60 + minute, half.next);
  const clock = clockWord(tokens, end);
  return either(hour.value * 60 + minute, clock ?? end, clock === undefined);
};

/** `noon`, and `midnight`, that with which the day ends. */
const namedAt: Read<Clock> = (tokens, at) => {
  const [noon, midnight] = [
    after(tokens, at, 'noon', 'midday', '12 noon', 'twelve noon'),
    after(tokens, at, 'midnight', '12 midnight'),
  ];
  if (noon !== undefined) return outright(720, noon);
  return midnight === undefined ? undefined : outright(1440, midnight);
};

/** An hour of the clock. */
export const clockAt: Read<Clock> = firstOf(namedAt, spokenAt, digitsAt, wordsAt);

export type PartOfDay = 'morning' | 'afternoon' | 'evening' | 'night';

/** When the parts of a day begin. */
export const beginningsOf = ({ begin }: DayHours): Readonly<Record<PartOfDay, string>> => ({
  morning: begin,
  afternoon: '14:00',
  evening: '18:00',
  night: '21:00',
});

/** A part of the day: from when on it is, and whether an hour beside it lies after noon. */
export type Part = { readonly minutes: number; readonly isLate: boolean; readonly isToday: boolean };

/** `this evening`, `first thing`, `at lunchtime`, `end of day`, `in the morning`. */
export const partAt =
  (hours: DayHours): Read<Part> =>
  (tokens, at) => {
    const lead = after(tokens, at, 'at the', 'in the', 'at', 'in', 'this', 'the', 'during', 'over') ?? at;
    const part = (minutes: number, isLate: boolean, next: number | undefined, isToday = false) =>
      next === undefined ? [] : [{ value: { minutes, isLate, isToday }, next }];
    const from = (name: PartOfDay) => minutesOfClock(beginningsOf(hours)[name]);
    const isThis = wordAt(tokens, at) === 'this';
    const [found] = [
      ...part(20 * 60, true, after(tokens, at, 'tonight'), true),
      ...part(from('morning'), false, after(tokens, lead, 'first thing in the morning', 'first thing')),
      ...part(from('morning'), false, after(tokens, lead, 'early morning', 'morning', 'am'), isThis),
      ...part(minutesOfClock(hours.lunch), true, after(tokens, lead, 'lunchtime', 'lunch time')),
      ...part(
        14 * 60,
        true,
        after(tokens, lead, 'early afternoon', 'late afternoon', 'afternoon', 'pm'),
        isThis,
      ),
      ...part(from('evening'), true, after(tokens, lead, 'evening', 'eve'), isThis),
      ...part(from('night'), true, after(tokens, lead, 'night')),
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
