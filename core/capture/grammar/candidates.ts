import { usualHours } from '../../time/dayHours';
import { minutesOfClock } from '../../time/wall';
import { dateOf, timeOf } from '../../time/zone';
import type { Chip, Reader } from '../chip';
import { beginningsOf } from './clock';
import { lengthAt } from './lengths';
import { ledAt, whenAt } from './leads';
import { momentOf, shifted, type Moment, type Present, type Told } from './moments';
import { isApart, partsOf, type Parts } from './told';
import { oftenAt, untilDay } from './repeats';
import { after, tokensOf, wordAt, type Token } from './tokens';

/**
 * A stretch of a line that may mean something; `told` is kept of a moment, so that a day and an hour that stand apart can be
 * put together. `isNamed` is what goes by the name of something that is there.
 */
export type Candidate = Chip & { readonly told?: Told; readonly isNamed?: boolean };

export const presentOf = ({ workspace, now, zone, hours = usualHours }: Reader): Present => ({
  now,
  zone,
  dates: workspace.settings.dates,
  hours,
});

const dueOf = ({ date, time }: Moment) => ({ date, time });

/** The chip of a moment that is told. */
export function whenChip(
  told: Told,
  { from, to }: { readonly from: number; readonly to: number },
  present: Present,
  isRepeated = false,
): Candidate[] {
  const at = { from, to };
  const moment = momentOf(told, present, isRepeated);
  if (!moment) return [];
  const { minutes, hourOnly } = moment;
  if (told.day?.isDeadline && moment.time === null) return [{ kind: 'due', value: dueOf(moment), ...at }];
  return [
    {
      kind: 'when',
      value: dueOf(moment),
      hourOnly,
      ...(minutes === undefined ? {} : { minutes }),
      ...at,
      told,
    },
  ];
}

/** A place relative to something: `30 min before the Weir hearing`, `an hour before lunch`. */
function besides(
  tokens: readonly Token[],
  at: number,
  reader: Reader,
  present: Present,
): { moment: Moment; next: number } | undefined {
  const cut = [1, 2, 3, 4].map((n) => at + n).find((i) => /^(?:before|after)$/.test(wordAt(tokens, i)));
  const length = cut === undefined ? undefined : lengthAt(tokens.slice(0, cut), at);
  if (cut === undefined || length?.next !== cut) return undefined;
  const minutes = wordAt(tokens, cut) === 'before' ? -length.value : length.value;
  const the = after(tokens, cut + 1, 'the') ?? cut + 1;
  const lunch = after(tokens, the, 'lunch');
  const told =
    lunch === undefined
      ? undefined
      : { part: { minutes: minutesOfClock(present.hours.lunch), isLate: true, isToday: false } };
  const base = told && momentOf(told, present);
  if (base && lunch !== undefined) return { moment: shifted(base, minutes, present.zone), next: lunch };
  const rest = tokens.slice(the).map(({ word }) => word);
  for (const meeting of reader.meetings) {
    const words = tokensOf(meeting.title).map(({ word }) => word);
    if (words.length === 0 || !words.every((word, i) => rest[i] === word)) continue;
    const begins = wordAt(tokens, cut) === 'before' ? meeting.from : meeting.to;
    const start = { date: dateOf(begins, present.zone), time: timeOf(begins, present.zone), hourOnly: false };
    return { moment: shifted(start, minutes, present.zone), next: the + words.length };
  }
  return undefined;
}

/** So long from now: `in an hour`, `in 20 min`. */
function soon(
  tokens: readonly Token[],
  at: number,
  { now, zone }: Present,
): { moment: Moment; next: number } | undefined {
  const lead = after(tokens, at, 'in');
  const length = lead === undefined ? undefined : lengthAt(tokens.slice(lead), 0);
  if (lead === undefined || !length || !isApart(tokens, lead + length.next)) return undefined;
  const moment = { date: dateOf(now, zone), time: timeOf(now, zone), hourOnly: false };
  return { moment: shifted(moment, length.value, zone), next: lead + length.next };
}

/** What the pieces from one on may mean. */
function from(
  tokens: readonly Token[],
  at: number,
  reader: Reader,
  present: Present,
  parts: Parts,
): Candidate[] {
  const begin = tokens[at]?.from ?? 0;
  const upTo = (next: number) => ({ from: begin, to: tokens[next - 1]?.to ?? begin });
  const found: Candidate[] = [];
  const often = oftenAt(tokens, at);
  if (often && isApart(tokens, often.next) && !isPartOfName(tokens, often.next)) {
    const until = after(tokens, often.next, 'until', 'till', 'up to', 'ending');
    const last = until === undefined ? undefined : whenAt(parts)(tokens, until);
    const day = last?.value.day && momentOf({ day: last.value.day }, present);
    const { rule, part } = often.value;
    const time = part === undefined ? {} : { time: beginningsOf(present.hours)[part] };
    found.push(
      day && last
        ? { kind: 'repeat', value: { rule: untilDay(rule, day.date), ...time }, ...upTo(last.next) }
        : { kind: 'repeat', value: { rule, ...time }, ...upTo(often.next) },
    );
  }
  const beside = besides(tokens, at, reader, present) ?? soon(tokens, at, present);
  if (beside) found.push({ kind: 'when', value: dueOf(beside.moment), isNamed: true, ...upTo(beside.next) });
  const led = ledAt(present, parts)(tokens, at);
  if (led) found.push({ kind: led.value.kind, value: dueOf(led.value.moment), ...upTo(led.next) });
  const days = parts.days(tokens, at);
  if (days && isApart(tokens, days.next)) found.push({ kind: 'days', value: days.value, ...upTo(days.next) });
  const told = whenAt(parts)(tokens, at);
  // the last Friday of the month is one of each month
  const isOfEach =
    often &&
    wordAt(tokens, often.next - 1) === 'month' &&
    !/^(?:by|until|before)$/.test(wordAt(tokens, at - 1));
  if (told && !isOfEach) found.push(...whenChip(told.value, upTo(told.next), present));
  const length = lengthAt(tokens, at);
  if (length && isApart(tokens, length.next))
    found.push({ kind: 'length', value: length.value, ...upTo(length.next) });
  return found;
}

/** “every Friday lunch” is the name of something; “every Friday at 9” says when it comes again. */
const isPartOfName = (tokens: readonly Token[], next: number): boolean =>
  /^\p{L}/u.test(wordAt(tokens, next)) &&
  !/^(?:at|for|in|by|until|till|from|before|after|due|category|list|urgent|starting|on|except|with|and|not|noon|midday|midnight|half|quarter|an?|high|low|to|about|needs|light|sharp|ending|up|as|a)$/.test(
    wordAt(tokens, next),
  );

/** Of a line that is longer than any title so many pieces are read at its beginning and at its end. */
const READ_AT_AN_END = 120;

/** All that a line may mean of days, hours, lengths and repetition. */
export function candidatesIn(line: string, reader: Reader): Candidate[] {
  const present = presentOf(reader);
  const parts = partsOf(present);
  const tokens = tokensOf(line);
  const isRead = (at: number) => at < READ_AT_AN_END || at >= tokens.length - READ_AT_AN_END;
  const all = tokens.flatMap((token, at) =>
    isRead(at) && (token.apart || /^[(–—:,]$/.test(tokens[at - 1]?.word ?? '') || token.word === '@')
      ? from(tokens, at, reader, present, parts)
      : [],
  );
  return all.filter((one) => !isOfAPlace(line, one) && !isSecondChoice(line, one, all));
}

/** “Noon Lane”, “Friday Street”: a word of time in the name of a place. */
const isOfAPlace = (line: string, { kind, from, to }: Candidate): boolean =>
  kind === 'when' &&
  /^\p{Lu}\p{L}{3,}$/u.test(line.slice(from, to)) &&
  /^ (?:Lane|Street|Road|Avenue|Terrace|Crescent|Gardens|Court|Way|Row)\b/.test(line.slice(to));

/** “Thu or Fri”: of two days the first one counts, as the other is what one would do else. */
const isSecondChoice = (line: string, { kind, from }: Candidate, all: readonly Candidate[]): boolean =>
  kind === 'when' && all.some((other) => other.kind === 'when' && line.slice(other.to, from) === ' or ');
