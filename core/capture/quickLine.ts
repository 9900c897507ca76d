import { GB, casual } from 'chrono-node/en';
import type { Occurrence } from '../calendar/occurrences';
import { categoriesOf } from '../model/categories';
import type { Id } from '../model/common';
import type { Due, Priority, Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { inRank } from '../tasks/order';
import { isDate, wallOf, type Zone } from '../time/zone';
import { readDuration } from './readDuration';
import { findRepeats, type Often } from './readRepeat';
import { readTime } from './readTime';

/** What a stretch of a line was understood as. */
export type Meaning =
  /** When it is to be done: a day, with or without an hour; or an hour alone, of the next day that has it ahead. */
  | { readonly kind: 'when'; readonly value: Due; readonly hourOnly?: boolean }
  | { readonly kind: 'length'; readonly value: number }
  | { readonly kind: 'due'; readonly value: Due }
  | { readonly kind: 'priority'; readonly value: Priority }
  | { readonly kind: 'energy'; readonly value: NonNullable<Task['energy']> }
  | { readonly kind: 'list'; readonly value: Id }
  | { readonly kind: 'category'; readonly value: Id }
  | { readonly kind: 'repeat'; readonly value: Often }
  /** The meeting that it must be done before. */
  | { readonly kind: 'neededBy'; readonly value: Occurrence };

/** One thing that was understood, and where it stands in the line, with the words that lead to it ("by", "for", "in"). */
export type Chip = Meaning & { readonly from: number; readonly to: number };

/** A typed line as it was understood. */
export type QuickLine = {
  /** What the chips leave of the line. */
  readonly title: string;
  /** In the order of the line; no two of a kind, none over another. */
  readonly chips: readonly Chip[];
};

export type Reader = {
  readonly workspace: Pick<Workspace, 'lists' | 'categories'>;
  /** The meetings of the coming weeks, by start. */
  readonly meetings: readonly Occurrence[];
  /** Epoch ms, and the person's zone. */
  readonly now: number;
  readonly zone: Zone;
  /** Whether 4/5 is the 5th of April, as in en-US. */
  readonly monthFirst: boolean;
};

type Finder = (text: string, reader: Reader) => readonly Chip[];

/** What counts as an end of what was understood: nothing more, or a space or a mark. */
const ENDS = /^(?:$|[\s,;.!?)])/;

const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const minutesOfWords = (words: string): number | undefined => {
  if (/^half an hour$/i.test(words)) return 30;
  const [, count = '', unit = ''] = /^(\w+) (hours?|minutes?)$/i.exec(words) ?? [];
  const number = /^an?$/i.test(count) ? 1 : NUMBERS.indexOf(count.toLowerCase());
  return number > 0 ? number * (unit.toLowerCase().startsWith('h') ? 60 : 1) : undefined;
};

/** Lengths: `45m`, `1h30`, `1.5 h`, `20 min`, `half an hour`, `for two hours`; never a measure as in `2 m of rope`. */
const lengths: Finder = (text) => {
  const within =
    /(?<![\w:.,/])(?<!\b(?:the|a|an|this|that|our)\s)(?:for\s+)?((?:\d+(?:[.,]\d+)?\s?h(?:rs?|ours?)?(?:\s?\d{1,2}\s?(?:m|min|minutes?)?)?|\d+(?:m|\s?min|\s?mins|\s?minutes?))|half an hour|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten) (?:hours?|minutes?))(?![\w:])(?!\s+(?:of|from|into|away|long|per|a)\b)/gi;
  return [...text.matchAll(within)].flatMap(({ 0: all, 1: words = '', index }) => {
    const value = readDuration(words) ?? minutesOfWords(words);
    return value === undefined ? [] : [{ kind: 'length', value, from: index, to: index + all.length }];
  });
};

/** Words that make a day part of a name: `the Monday team`, `every Friday`. */
const NAMING = /\b(?:the|a|an|our|my|your|his|her|their|this year's|every|each|of|last|since|from)\s+$/i;

/** What chrono takes for a moment and people do not: `2 m`, `a day`, `now`. */
const NO_MOMENT =
  /^(?:now$|\d+(?:[.,]\d+)?\s*(?:s|secs?|seconds?|m|mins?|minutes?|h|hrs?|hours?|d|days?|w|weeks?|months?|y|years?)?$|an?\s)/i;

/** The first day or hour of some text, and the words that say it; a bare month or number is none. */
function momentIn(text: string, { now, zone, monthFirst }: Reader) {
  // chrono reads relative words against a local Date: give it one whose local clock shows the person's wall time
  const reference = new Date(wallOf(now, zone));
  const found = (monthFirst ? casual : GB).parse(text, reference, { forwardDate: true });
  return found.flatMap(({ start, end, index, text: words }) => {
    const hasDay = start.isCertain('day') || start.isCertain('weekday');
    const hasHour = start.isCertain('hour');
    // a stretch of hours, a past day and a month alone are left to be said otherwise
    if (end || (!hasDay && !hasHour) || NO_MOMENT.test(words) || /\bago\b|\blast\b/i.test(words)) return [];
    const pad = (value: number | null) => String(value ?? 0).padStart(2, '0');
    const date = `${start.get('year')}-${pad(start.get('month'))}-${pad(start.get('day'))}`;
    const time = hasHour ? `${pad(start.get('hour'))}:${pad(start.get('minute'))}` : null;
    return isDate(date)
      ? [{ value: { date, time }, hourOnly: !hasDay, from: index, to: index + words.length }]
      : [];
  });
}

/** A bare hour of the clock: `14:30`, `9am`, `at 9`. */
const BARE_HOUR = /^(?:at\s+)?(\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]m)?)(?![\w%])/i;

/** When: a day with or without an hour, `tomorrow`, `Thu 14:30`, `on 27 Nov`, `in 2 weeks`, or an hour alone. */
const whens: Finder = (text, reader) =>
  momentIn(text, reader).flatMap(({ value, hourOnly, from, to }): Chip[] => {
    const before = text.slice(0, from);
    const after = text.slice(to);
    if (NAMING.test(before) || /^['’]s\b/.test(after) || !ENDS.test(after)) return [];
    const lead = /\b(?:on|at)\s+$/i.exec(before)?.[0].length ?? 0;
    // an hour that stands behind its day by itself: "tomorrow 9"
    const hour = value.time === null ? /^\s+/.exec(after)?.[0].length : undefined;
    const [words, bare] = hour === undefined ? [] : (BARE_HOUR.exec(after.slice(hour)) ?? []);
    const typed = bare === undefined ? undefined : readTime(bare);
    const isHour =
      typed !== undefined &&
      words !== undefined &&
      ENDS.test(after.slice((hour ?? 0) + words.length)) &&
      !/^\s*[a-z]/i.test(after.slice((hour ?? 0) + words.length));
    return isHour
      ? [
          {
            kind: 'when',
            value: { date: value.date, time: typed },
            from: from - lead,
            to: to + (hour ?? 0) + words.length,
          },
        ]
      : [{ kind: 'when', value, hourOnly, from: from - lead, to }];
  });

/** Until when: `by Friday 17:00`, `due 3 Dec`, `due on Monday`. */
const dues: Finder = (text, reader) =>
  [...text.matchAll(/\b(?:due(?:\s+(?:by|on))?|by|no later than|until)\s+/gi)].flatMap(
    ({ 0: lead, index }) => {
      const start = index + lead.length;
      const [chip] = whens(text.slice(start), reader);
      return chip?.kind === 'when' && chip.from === 0
        ? [{ kind: 'due', value: chip.value, from: index, to: start + chip.to }]
        : [];
    },
  );

/** How it matters, in words of which none is part of a name: `urgent`, `high priority`, `not important`. */
const priorityWords: readonly (readonly [Priority, RegExp])[] = [
  ['low', /\b(?:low priority|priority low|not (?:so )?(?:urgent|important)|whenever)\b/gi],
  [
    'urgent',
    /(?<!not (?:so )?)\b(?:urgent priority|urgently|urgent)$|\burgent(?=\s*[,;]|\s+(?:by|due|for|in|on|at|tomorrow|today)\b|\s*\0)|^urgent(?=:)/gi,
  ],
  ['high', /\b(?:high priority|priority high)\b|(?<!not (?:so )?)\bimportant$/gi],
  ['normal', /\b(?:normal priority|priority normal)\b/gi],
];
const priorities: Finder = (text) =>
  priorityWords.flatMap(([value, words]) =>
    [...text.matchAll(words)].map(({ 0: all, index }) => ({
      kind: 'priority' as const,
      value,
      from: index,
      to: index + all.length,
    })),
  );

/** What hours it asks for: `needs sharp hours`, `light work`. */
const energies: Finder = (text) =>
  [...text.matchAll(/\b(?:needs? |asks for )?(sharp|light) (?:hours|work)\b/gi)].map(
    ({ 0: all, 1: word, index }) => ({
      kind: 'energy',
      value: word?.toLowerCase() === 'sharp' ? 'sharp' : 'light',
      from: index,
      to: index + all.length,
    }),
  );

const escaped = (name: string) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Names that are told with a word of what they are, or at the end of the line: `in Grants`, `list Permits`, `category Writing`. */
function named(
  text: string,
  lead: string,
  kind: 'list' | 'category',
  all: readonly { id: Id; name: string }[],
): Chip[] {
  return [...all]
    .sort((a, b) => b.name.length - a.name.length)
    .flatMap(({ id, name }) => {
      const words = new RegExp(`\\b(?:${lead})\\s+${escaped(name)}(?![\\w’'])`, 'giu');
      return [...text.matchAll(words)].map(({ 0: all, index }): Chip => ({
        kind,
        value: id,
        from: index,
        to: index + all.length,
      }));
    });
}

const lists: Finder = (text, { workspace }) =>
  named(text, 'in(?: the)? list|list|in', 'list', inRank(workspace.lists));
const categories: Finder = (text, { workspace }) =>
  named(text, 'category|as', 'category', categoriesOf(workspace as Workspace)); // it reads the categories alone

/** Before a meeting by its name: `before the Weir hearing`; of several of a name the next one is meant. */
const meetings: Finder = (text, { meetings: coming }) => {
  const byTitle = new Map([...coming].reverse().map((meeting) => [meeting.title.toLowerCase(), meeting]));
  return [...byTitle.values()]
    .filter(({ title }) => title.trim() !== '')
    .sort((a, b) => a.title.length - b.title.length)
    .flatMap((value) => {
      const words = new RegExp(`\\bbefore(?: the)?\\s+${escaped(value.title)}(?![\\w’'])`, 'giu');
      return [...text.matchAll(words)].map(({ 0: all, index }): Chip => ({
        kind: 'neededBy',
        value,
        from: index,
        to: index + all.length,
      }));
    });
};

const repeats: Finder = (text) => findRepeats(text).map((found): Chip => ({ kind: 'repeat', ...found }));

/** In this order one has words before another. */
const finders: readonly Finder[] = [
  meetings,
  repeats,
  dues,
  lengths,
  whens,
  priorities,
  energies,
  lists,
  categories,
];

/**
 * A line as it is typed, understood in plain words, in any order. `literal` are the starts of stretches that the person has
 * taken back into the title. Nothing is guessed: what is not said plainly stays in the title.
 */
export function readLine(text: string, reader: Reader, literal: readonly number[] = []): QuickLine {
  const chips: Chip[] = [];
  for (const find of finders) {
    // what is understood already is out of sight, at the same places
    const rest = chips.reduce(
      (left, { from, to }) => left.slice(0, from) + '\u0000'.repeat(to - from) + left.slice(to),
      text,
    );
    const found = find(rest, reader).filter(
      (chip) =>
        !literal.includes(chip.from) &&
        !chips.some(({ kind, from, to }) => kind === chip.kind || (chip.from < to && from < chip.to)),
    );
    // of several the last is meant, as it is said after the title
    const last = found.at(-1);
    if (last) chips.push(last);
  }
  const ordered = chips.sort((a, b) => a.from - b.from);
  return { title: titleOf(text, ordered), chips: ordered };
}

/** What is left of a line: its own words, without the marks that held the chips apart. */
function titleOf(text: string, chips: readonly Chip[]): string {
  let at = 0;
  const pieces = chips.map(({ from, to }) => {
    const piece = text.slice(at, from);
    at = to;
    return piece;
  });
  return [...pieces, text.slice(at)]
    .map((piece) => piece.trim().replace(/^[,;:]\s*|\s*[,;]$/g, ''))
    .filter(Boolean)
    .join(' ');
}
