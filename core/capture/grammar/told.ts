import { clockAt, partAt, type Clock, type Part } from './clock';
import { dayAt, daysAt, namedDayAt } from './days';
import { feastAt } from './feasts';
import type { Day } from './figures';
import { todayOf, type Present, type Told } from './moments';
import { after, firstOf, monthAt, once, weekdayAt, wordAt, type At, type Read, type Token } from './tokens';

/** What a moment is put together of, each read once a place. */
export type Parts = {
  readonly day: Read<Day>;
  /** A day behind words that ask for one: `the 3rd`, a feast. */
  readonly dayLed: Read<Day>;
  readonly part: Read<Part>;
  readonly hours: typeof hoursAt;
  /** A day that ends the line, as “pay the mill New Year's Eve” has it. */
  readonly feast: Read<Day>;
  readonly days: ReturnType<typeof daysAt>;
};

export function partsOf(present: Present): Parts {
  const { dates, hours } = present;
  const today = todayOf(present);
  const day = once(dayAt({ today, dates }));
  const dayLed = once(firstOf(day, namedDayAt({ today, dates })));
  return {
    day,
    dayLed,
    part: once(partAt(hours)),
    hours: once(hoursAt),
    feast: feastAt(today),
    days: daysAt({ today, dates }, dayLed),
  };
}

const DASHES = ['-', '–', '—'] as const;

/** A stretch of hours, `9-11`, `from 3pm to 4.15pm`, `between 2 and 4`, or an hour alone. */
const hoursAt: Read<Pick<Told, 'clock' | 'end'> & { readonly isLed: boolean }> = (tokens, at) => {
  const lead = after(tokens, at, 'from', 'between', 'at', '@', 'at about', 'at around', 'around');
  const start = lead ?? at;
  const isSpoken = !/^\d/.test(wordAt(tokens, start)) || wordAt(tokens, start + 1) === 'past';
  const first = isSpoken ? clockAt(tokens, start) : figureAt(tokens, start);
  if (!first) return undefined;
  const to = after(
    tokens,
    first.next,
    ...DASHES,
    'to',
    'till',
    'til',
    'until',
    ...(wordAt(tokens, at) === 'between' ? ['and'] : []),
  );
  const last = to === undefined ? undefined : clockAt(tokens, to);
  const isLed = lead !== undefined && !/^(?:from|between)$/.test(wordAt(tokens, at));
  if (last) return { value: { clock: first.value, end: last.value, isLed }, next: last.next };
  if (lead !== undefined && !isLed) return undefined;
  return { value: { clock: first.value, isLed }, next: first.next };
};

/** An hour in figures, before `to` not taken for minutes: “9 to 11”. */
const figureAt: Read<Clock> = (tokens, at) => {
  const cut = wordAt(tokens, at + 1) === 'to' ? tokens.slice(0, at + 1) : tokens;
  return clockAt(cut, at);
};

/** Words that a number which is an hour may stand before; before anything else it counts something. */
export const FOLLOWS =
  /^(?:|on|for|in|by|with|and|about|until|till|due|urgent|every|each|category|list|tomorrow|today|tonight|this|next|sharp|to|at|before|not|high|low|as|the|prompt|latest)$/;

/** Whether a moment may end before a piece: it is none that the last number counts. */
export const mayEnd = (tokens: readonly Token[], at: number): boolean => {
  const token = tokens[at];
  if (!token) return true;
  return (
    FOLLOWS.test(token.word) ||
    /^[^\p{L}\d]$/u.test(token.word) ||
    !!weekdayAt(tokens, at) ||
    !!monthAt(tokens, at)
  );
};

/** Whether a piece stands by itself: nothing clings to it but marks. */
export const isApart = (tokens: readonly Token[], at: number): boolean => {
  const token = tokens[at];
  if (!token || token.apart) return true;
  const next = tokens[at + 1];
  return (
    /^[,;:.!?)–—]$/.test(token.word) &&
    (!next || next.apart || /^[\d(–—]/.test(next.word) || token.word !== '.')
  );
};

const LINKS = [',', ', at', ', on', 'at', 'on', 'on the', ': ', '(', '-'] as const;

/** One part of a moment, and whether its words ask for an hour, so that a bare number beside them is one. */
type Component = At<Told> & { readonly isSure: boolean };

/** Where a moment begins, whether words before it ask for one, and what has been read of it. */
type Begun = { readonly at: number; readonly isLed: boolean; readonly told: Told };

function dayIn(parts: Parts, tokens: readonly Token[], start: number, { at, isLed }: Begun): Component[] {
  const before = wordAt(tokens, start - 1);
  const asks = isLed || before === 'on' || (before === 'the' && start > at) || wordAt(tokens, start) === 'on';
  const read = (asks ? parts.dayLed : parts.day)(tokens, start);
  return read ? [{ value: { day: read.value }, next: read.next, isSure: false }] : [];
}

/** A part of the day: by itself only where it is told to be one, as “morning” stands in titles, too. */
function partIn(parts: Parts, tokens: readonly Token[], start: number, { isLed, told }: Begun): Component[] {
  const read = parts.part(tokens, start);
  if (!read) return [];
  const isSure = isLed || /^(?:tonight|this|in|at|during|over|first|eod|cob)$/.test(wordAt(tokens, start));
  return isSure || told.day || told.clock ? [{ value: { part: read.value }, next: read.next, isSure }] : [];
}

function hoursIn(parts: Parts, tokens: readonly Token[], start: number, { at, isLed }: Begun): Component[] {
  const read = parts.hours(tokens, start);
  if (!read) return [];
  const { clock, end } = read.value;
  const isSure = read.value.isLed || (start > at && /^(?:at|@)$/.test(wordAt(tokens, start - 1)));
  // a number that begins a moment counts something, unless a part of the day follows: “8 in the evening”
  const isCount =
    start === at && clock?.isBare && !end && !isSure && !isLed && !parts.part(tokens, read.next);
  const value = { ...(clock ? { clock } : {}), ...(end ? { end } : {}) };
  return isCount ? [] : [{ value, next: read.next, isSure }];
}

/** Whether what was read is a moment, and no number that counts something or word of the title. */
function isMoment(
  tokens: readonly Token[],
  at: number,
  { clock, end, day, part }: Told,
  next: number,
  isSure: boolean,
) {
  if (part && !day && !clock && !isSure) return false;
  if (!clock?.isBare && !end?.isBare) return true;
  if (!day && !part && !isSure) return end !== undefined && !clock?.isBare;
  const last = wordAt(tokens, next - 1);
  const isNumber = /^\d{1,2}$/.test(last) || !/\d/.test(last);
  return !isNumber || end !== undefined || at === 0 || mayEnd(tokens, next);
}

/** A moment: day, hour and part of the day in any order. `isLed` says that words stand before it that ask for one. */
export const toldAt =
  (parts: Parts, isLed: boolean): Read<Told> =>
  (tokens, at) => {
    let told: Told = {};
    let next = at;
    let isSure = isLed;
    for (let step = 0; step < 4; step += 1) {
      const begun = { at, isLed, told };
      const [best] = [next, ...LINKS.flatMap((link) => after(tokens, next, link) ?? [])]
        .flatMap((start) => [
          ...(told.day ? [] : dayIn(parts, tokens, start, begun)),
          ...(told.part ? [] : partIn(parts, tokens, start, begun)),
          ...(told.clock ? [] : hoursIn(parts, tokens, start, begun)),
        ])
        .sort((a, b) => b.next - a.next);
      if (!best || best.next <= next) break;
      told = { ...told, ...best.value };
      isSure ||= best.isSure;
      next = best.next;
    }
    return next > at && isMoment(tokens, at, told, next, isSure) ? { value: told, next } : undefined;
  };
