import { ruleOf, type Repeat } from '../calendar/repeat';
import { ruleStarts } from '../calendar/rule';
import { weekdayNames } from '../time/words';
import { addDays, weekdayOf, type IsoDate } from '../time/zone';
import type { Found } from './found';

const day = '(?:mon|tues?|wed(?:nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?';
const NUMBERS = [
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const NTH: Readonly<Record<string, number>> = { first: 1, second: 2, third: 3, fourth: 4, last: -1 };

/** What may follow: the end, a mark, what was understood already, an hour, or a word that leads to more. */
const FOLLOWS =
  '(?=$|\\s*[,;.\\0]|\\s+(?:at|for|in|by|until|from|before|due|category|list|urgent)\\b|\\s+\\d)';

const weekly = new RegExp(`\\bevery (other )?(${day}(?:(?:,| and|, and) ${day})*)${FOLLOWS}`, 'gi');
const plain = new RegExp(
  `\\bevery (?:(other|\\d{1,2}|${NUMBERS.join('|')}) )?(weekday|day|week|month|year)s?${FOLLOWS}`,
  'gi',
);
const monthly = new RegExp(
  `\\b(?:on )?the (first|second|third|fourth|last) (${day}) of (?:each|every|the) month${FOLLOWS}`,
  'gi',
);

/** The weekday that some letters begin, Monday is 1. */
const weekdayNamed = (word: string): number =>
  1 + weekdayNames.findIndex((name) => name.slice(0, 3).toLowerCase() === word.slice(0, 3).toLowerCase());

const repeat = (changes: Partial<Repeat>): Repeat => ({
  unit: 'week',
  every: 1,
  days: [],
  nth: null,
  until: null,
  count: null,
  ...changes,
});

const countOf = (word: string | undefined): number => {
  if (word === undefined) return 1;
  if (word.toLowerCase() === 'other') return 2;
  return Number(word) || NUMBERS.indexOf(word.toLowerCase()) + 1;
};

/** How often, and for a day of the month on which weekday, as it is said in words. */
export type Often = { readonly repeat: Repeat; readonly weekday: number | null };

/** How something repeats, where a line says so plainly: `every weekday`, `every other Tuesday`, `every 2 weeks`, `on the last Friday of each month`. */
export function findRepeats(text: string): Found<Often>[] {
  const found = (all: RegExpMatchArray, value: Repeat, weekday: number | null = null): Found<Often> => ({
    value: { repeat: value, weekday },
    from: all.index ?? 0,
    to: (all.index ?? 0) + all[0].length,
  });
  return [
    ...[...text.matchAll(weekly)].map((all) => {
      const days = (all[2] ?? '').split(/,? and |, /i).map(weekdayNamed);
      return found(all, repeat({ days: [...new Set(days)].sort(), every: all[1] ? 2 : 1 }));
    }),
    ...[...text.matchAll(plain)].map((all) => {
      const unit = (all[2] ?? '').toLowerCase();
      const every = countOf(all[1]);
      return unit === 'weekday'
        ? found(all, repeat({ days: [1, 2, 3, 4, 5], every }))
        : // one of the four that the pattern names
          found(all, repeat({ unit: unit as Repeat['unit'], every }));
    }),
    ...[...text.matchAll(monthly)].map((all) =>
      found(
        all,
        repeat({ unit: 'month', nth: NTH[(all[1] ?? '').toLowerCase()] ?? 1 }),
        weekdayNamed(all[2] ?? ''),
      ),
    ),
  ];
}

/** How many days are looked through for a first one. */
const AHEAD = 62;

/** The rule (RFC 5545 3.3.10) of what was said, and its first day from a date on. */
export function firstOf({ repeat: said, weekday }: Often, from: IsoDate): { rule: string; date: IsoDate } {
  // a day of the month is told by that of its start: one of that weekday stands in for it
  const like =
    Array.from({ length: 7 }, (_, i) => addDays(from, i)).find((date) => weekdayOf(date) === weekday) ?? from;
  const rule = ruleOf(said, like);
  const [first = from] = ruleStarts(rule, from, 'UTC', from, addDays(from, AHEAD));
  return { rule, date: first };
}
