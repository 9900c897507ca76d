import type { Id } from '../model/common';
import { listNamed } from '../tasks/lists';
import type { Reader } from './chip';
import type { Pasted } from './pasted';
import { readLine, type QuickLine } from './quickLine';

/** What a heading above pasted lines may mean for them: a list that is there, a day, or a list that could be made. */
export type HeadingMeaning =
  | { readonly kind: 'list'; readonly listId: Id }
  | { readonly kind: 'day'; readonly line: QuickLine }
  | { readonly kind: 'newList'; readonly name: string };

export function meaningOfHeading(heading: string, reader: Reader): HeadingMeaning {
  const list = listNamed(reader.workspace, heading);
  if (list) return { kind: 'list', listId: list.id };
  const line = readLine(heading, reader);
  const isDay = line.title === '' && line.chips.every(({ kind }) => kind === 'when') && line.chips.length > 0;
  return isDay ? { kind: 'day', line } : { kind: 'newList', name: heading };
}

/** What says when a line is meant, so that the day above it is not. */
const DATED = new Set(['days', 'due', 'notBefore', 'neededBy', 'repeat']);

/** A pasted line as it is read by itself, and under a heading that names a day. An hour of its own is one of that day. */
export function readUnder({ line, heading }: Pasted, reader: Reader): { alone: QuickLine; under: QuickLine } {
  const alone = readLine(line, reader);
  const hasDay = alone.chips.some((chip) => DATED.has(chip.kind) || (chip.kind === 'when' && !chip.hourOnly));
  if (heading === undefined || hasDay) return { alone, under: alone };
  const under = readLine(`${line}, ${heading}`, reader);
  // where the day was no day after words of these, the line stands for itself
  return { alone, under: under.title === alone.title ? under : alone };
}
