import { openLists } from '../tasks/lists';
import { categoriesOf } from '../model/categories';
import type { Priority } from '../model/task';
import type { Workspace } from '../model/workspace';
import { hidden, type Chip, type Finder, type Reader } from './chip';
import { candidatesIn, presentOf, whenChip, type Candidate } from './grammar/candidates';
import { covered, overlap } from './grammar/cover';
import { escaped, goals, named } from './named';

/** A typed line as it was understood. */
export type QuickLine = {
  /** What the chips leave of the line. */
  readonly title: string;
  /** In the order of the line; no two of a kind, none over another. */
  readonly chips: readonly Chip[];
  /** A list or a category that is told by name and is not there. */
  readonly missing: { readonly kind: 'list' | 'category'; readonly name: string } | null;
  /** What of the title looks as if it said when, how long or how often, and was not understood. */
  readonly unread: readonly string[];
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

/** What is told by names or words of its own. */
const finders: readonly Finder[] = [templates, meetings, goals, priorities, energies, lists, categories];

/** A day and an hour that stand apart, as one moment: the day has it, and the hour tells that it is a part of that. */
function together(chips: readonly Candidate[], reader: Reader): Candidate[] {
  const whens = chips.filter((chip) => chip.kind === 'when');
  const day = whens.filter(({ told }) => told?.day && !told.clock).at(-1);
  const hour = whens.filter(({ told }) => told?.clock && !told.day).at(-1);
  if (!day?.told || !hour?.told) return [...chips];
  const [whole] = whenChip({ ...hour.told, ...day.told }, day, presentOf(reader));
  if (whole?.kind !== 'when' || whole.value.time === null) return [...chips];
  const { from, to } = hour;
  const apart: Candidate = { kind: 'hour', value: whole.value.time, from, to };
  const { minutes, ...rest } = whole;
  return chips.map((chip) =>
    chip === day ? rest : chip === hour ? (minutes === undefined ? apart : { ...apart, minutes }) : chip,
  );
}

/** What comes again has its hour each time, not the next one from now on; an hour that is told goes before a part of the day. */
function repeated(chips: readonly Candidate[], reader: Reader): Candidate[] {
  const often = chips.find(({ kind }) => kind === 'repeat');
  const when = chips.find((chip) => chip.kind === 'when' && chip.told?.clock !== undefined);
  if (often?.kind !== 'repeat' || !when?.told) return [...chips];
  const rule = { ...often, value: { rule: often.value.rule } };
  const [again = when] = whenChip(when.told, when, presentOf(reader), true);
  return chips.map((chip) => (chip === often ? rule : chip === when ? again : chip));
}

/** What a text says of days, hours and lengths alone: its stretches as the best cover has them, a day and its hour together. */
export const chipsOfText = (text: string, reader: Reader): readonly Candidate[] =>
  repeated(together(covered(candidatesIn(text, reader)), reader), reader);

/**
 * A line as it is typed, understood in plain words, in any order: all that its stretches may mean is gathered, and the cover
 * that explains most of it is taken. `literal` are the starts of stretches that the person has taken back into the title.
 */
export function readLine(text: string, reader: Reader, literal: readonly number[] = []): QuickLine {
  const named = finders.flatMap((find) => find(text, reader).map((chip) => ({ ...chip, isNamed: true })));
  const everything: Candidate[] = [...named, ...candidatesIn(text, reader)];
  const back = everything.filter(({ from }) => literal.includes(from));
  const all = everything.filter((chip) => !back.some((taken) => overlap(taken, chip)));
  const found = repeated(together(covered(all), reader), reader);
  const last = new Map(found.map((chip) => [chip.kind, chip]));
  const chips = found
    .filter((chip) => last.get(chip.kind) === chip && !(chip.kind === 'days' && last.has('when')))
    .map(({ told: _, isNamed: __, ...chip }): Chip => chip);
  return {
    title: titleOf(text, chips),
    chips,
    missing: missingIn(chips.reduce(hidden, text)),
    unread: unreadIn(chips.reduce(hidden, text)),
  };
}

/** What looks like a day, an hour, a length or a repetition and has not been understood. */
const LOOKS =
  /\b\d{1,2}[:.h]\d{2}\b(?:\s?[ap]\.?m\b)?|\b\d{1,2}\s?[ap]\.?m\b|\b\d{1,2}\s?o[’']?clock\b|\bhalf (?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b|\b\d+(?:[.,]\d+)?\s?(?:h|hrs?|hours?|mins?|minutes?|days?|weeks?|months?)\b|\b(?:mon|tues|wednes|thurs|fri|satur|sun)days?\b|\b(?:tomorrow|tonight|fortnight|weekly|fortnightly|monthly|quarterly|yearly|daily)\b|\b(?:every|each|except|until|by|before|after)\s+(?:other\s+)?(?:\d+\S*|day|week|month|year|morning|evening|night|weekend|jan\w*|feb\w*|mar(?:ch)?|apr\w*|may|june?|july?|aug\w*|sept?\w*|oct\w*|nov\w*|dec\w*)\b|\b\d{1,2}(?:st|nd|rd|th)?\s+(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b|\b\d{1,2}\/\d{1,2}(?:\/\d{2,4})?\b/gi;

const unreadIn = (rest: string): string[] => [...rest.matchAll(LOOKS)].map(([words]) => words);

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
