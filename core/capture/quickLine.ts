import { openLists } from '../tasks/lists';
import { categoriesOf } from '../model/categories';
import type { Id } from '../model/common';
import type { Priority } from '../model/task';
import type { Workspace } from '../model/workspace';
import { hidden, type Chip, type Finder, type Reader } from './chip';
import { dues, notBefores, whens } from './findMoments';
import { readDuration } from './readDuration';
import { findRepeats } from './readRepeat';

/** A typed line as it was understood. */
export type QuickLine = {
  /** What the chips leave of the line. */
  readonly title: string;
  /** In the order of the line; no two of a kind, none over another. */
  readonly chips: readonly Chip[];
  /** A list or a category that is told by name and is not there. */
  readonly missing: { readonly kind: 'list' | 'category'; readonly name: string } | null;
};

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
    /(?<![\w:.,/])(?<!\b(?:the|a|an|this|that|our|in)\s)(?:for\s+)?((?:\d+(?:[.,]\d+)?\s?h(?:rs?|ours?)?(?:\s?\d{1,2}\s?(?:m|min|minutes?)?)?|\d+(?:m|\s?min|\s?mins|\s?minutes?))|half an hour|(?:an?|one|two|three|four|five|six|seven|eight|nine|ten) (?:hours?|minutes?))(?![\w:])(?!\s+(?:of|from|into|away|long|per|a)\b)/gi;
  return [...text.matchAll(within)].flatMap(({ 0: all, 1: words = '', index }) => {
    const value = readDuration(words) ?? minutesOfWords(words);
    return value === undefined ? [] : [{ kind: 'length', value, from: index, to: index + all.length }];
  });
};

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
  named(text, 'in(?: the)? list|list|in', 'list', openLists(workspace));
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

/** A block template, by its name at the start of the line: `Gauge round Thu`. */
const templates: Finder = (text, { workspace }) =>
  [...workspace.templates.values()]
    .sort((a, b) => a.name.length - b.name.length)
    .flatMap(({ id, name }): Chip[] => {
      const [found] = new RegExp(`^\\s*${escaped(name.trim())}(?![\\w’'])`, 'iu').exec(text) ?? [];
      if (found === undefined) return [];
      return [
        { kind: 'template', value: id, from: found.length - found.trimStart().length, to: found.length },
      ];
    });

const repeats: Finder = (text) => findRepeats(text).map((found): Chip => ({ kind: 'repeat', ...found }));

/** In this order one has words before another. */
const finders: readonly Finder[] = [
  templates,
  meetings,
  repeats,
  notBefores,
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
    const rest = chips.reduce(hidden, text);
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
  return { title: titleOf(text, ordered), chips: ordered, missing: missingIn(chips.reduce(hidden, text)) };
}

/** A list or a category by a name that begins with a capital, where none of that name is there: `list Otters`. */
function missingIn(text: string): QuickLine['missing'] {
  const [, kind, name] =
    /\b(list|category)\s+(\p{Lu}[\p{L}\d &’'-]*?)(?=\s*(?:$|[,;.\0])|\s+(?:by|due|at|for|in|on|not|every|category|list)\b)/iu.exec(
      text,
    ) ?? [];
  // with the flag i any letter begins a name
  if (!kind || !name || !/^\p{Lu}/u.test(name)) return null;
  return { kind: kind.toLowerCase() === 'list' ? 'list' : 'category', name };
}

/** What is left of a line: its own words, the name of a template among them, without the marks that held the chips apart. */
function titleOf(text: string, chips: readonly Chip[]): string {
  let at = 0;
  // the name of a template is what it is about
  const taken = chips.filter(({ kind }) => kind !== 'template');
  const pieces = taken.map(({ from, to }) => {
    const piece = text.slice(at, from);
    at = to;
    return piece;
  });
  return [...pieces, text.slice(at)]
    .map((piece) => piece.trim().replace(/^[,;:]\s*|\s*[,;]$/g, ''))
    .filter(Boolean)
    .join(' ');
}
