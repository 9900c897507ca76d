import { addDays } from '../../time/zone';
import { momentOf, type Moment, type Present, type Told } from './moments';
import { FOLLOWS, isApart, mayEnd, toldAt, type Parts } from './told';
import { after, weekdayAt, wordAt, type Read, type Token } from './tokens';

/** Words behind which a day or an hour is part of a name, or of what lies behind. */
const NAMING =
  /^(?:the|a|an|our|my|your|his|her|their|every|each|of|since|last|previous|first|second|third|fourth|mr|mrs|ms|dr)$/;
/** Words behind which a number counts or names something. */
const COUNTING =
  /^(?:no|number|room|page|pages|chapter|version|reach|section|plus|than|bus|line|unit|gauge)$/;

/** `Sat nav` and `Sun cream` are no days; `Sat 10:00` and `on Sun` are. */
const isName = (tokens: readonly Token[], at: number, told: Told, next: number): boolean =>
  /^(?:sat|sun|mon|wed)$/.test(wordAt(tokens, at)) &&
  next === at + 1 &&
  !told.clock &&
  !told.part &&
  /^\p{L}/u.test(wordAt(tokens, next)) &&
  !FOLLOWS.test(wordAt(tokens, next));

/** “End of May report” is a name, “end of May, the report” is not. */
const isEndOfName = (tokens: readonly Token[], at: number, next: number): boolean =>
  after(tokens, at, 'end of', 'the end of') !== undefined && !mayEnd(tokens, next);

/** When: a day, an hour, or both, with the words that lead to it. */
export const whenAt =
  (parts: Parts): Read<Told> =>
  (tokens, at) => {
    const before = wordAt(tokens, at - 1);
    if (NAMING.test(before)) return undefined;
    const on = after(tokens, at, 'on');
    const start = on ?? at;
    const told =
      toldAt(parts, on !== undefined)(tokens, start) ??
      (on === undefined ? ontoFeast(parts)(tokens, start) : undefined);
    if (!told || !isApart(tokens, told.next) || isEndOfName(tokens, at, told.next)) return undefined;
    if (!told.value.day && COUNTING.test(before)) return undefined;
    // what comes again is never one day, also where it was not understood how
    const isAgain = [2, 3].some((back) => /^(?:every|each)$/.test(wordAt(tokens, at - back)));
    if (isAgain && weekdayAt(tokens, at)) return undefined;
    return on === undefined && isName(tokens, at, told.value, told.next) ? undefined : told;
  };

/** A feast without “on” is a day where the line ends with it: “pay the mill New Year's Eve”. */
const ontoFeast =
  (parts: Parts): Read<Told> =>
  (tokens, at) => {
    const feast = at > 0 ? parts.feast(tokens, at) : undefined;
    return feast && feast.next === tokens.length
      ? { value: { day: feast.value }, next: feast.next }
      : undefined;
  };

/** Words that lead to until when, from when on; whether the day itself is left out. */
const LEADS: readonly {
  readonly kind: 'due' | 'notBefore';
  readonly words: readonly string[];
  readonly days: number;
}[] = [
  {
    kind: 'due',
    words: [
      'by',
      'due',
      'due by',
      'due on',
      'due at',
      'deadline',
      'deadline :',
      'deadline is',
      'no later than',
      'not later than',
      'at the latest by',
      'until',
      'till',
      'up to',
      'must be in by',
      'must be done by',
      'latest',
      'on or before',
      'ends',
      'finish',
      'finish by',
      'closes',
      'closes on',
    ],
    days: 0,
  },
  { kind: 'due', words: ['before', 'due before', 'any time before'], days: -1 },
  {
    kind: 'notBefore',
    words: [
      'not before',
      'not until',
      'not till',
      "don't start until",
      "don't start before",
      'do not start until',
      'do not start before',
      'from',
      'starting',
      'starting from',
      'starting on',
      'as of',
      'earliest',
      'no earlier than',
      'not earlier than',
      'on or after',
      'start',
      'beginning',
    ],
    days: 0,
  },
  { kind: 'notBefore', words: ['after', 'not before after', 'any time after'], days: 1 },
];

/** Until when, or from when on: `by Friday 17:00`, `before 15 December` (due the day before), `after Thursday`. */
export const ledAt =
  (present: Present, parts: Parts): Read<{ readonly kind: 'due' | 'notBefore'; readonly moment: Moment }> =>
  (tokens, at) => {
    const found = LEADS.flatMap(({ words, ...lead }) => {
      const next = after(tokens, at, ...words);
      return next === undefined ? [] : [{ ...lead, next }];
    }).sort((a, b) => b.next - a.next);
    const [lead] = found;
    if (!lead) return undefined;
    const told = toldAt(parts, true)(tokens, lead.next);
    const moment = told && isApart(tokens, told.next) ? momentOf(told.value, present) : undefined;
    // “from 3pm to 4pm” is when
    if (!told || !moment || (told.value.end && wordAt(tokens, at) === 'from')) return undefined;
    const date = moment.time === null ? addDays(moment.date, lead.days) : moment.date;
    return { value: { kind: lead.kind, moment: { ...moment, date } }, next: told.next };
  };
