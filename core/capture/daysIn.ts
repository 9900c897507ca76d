import type { Due } from '../model/task';
import { plainDue } from '../tasks/dueWords';
import type { Reader } from './chip';
import { chipsOfText } from './quickLine';

/** How much of a text is looked at, in sentences and in letters of each. */
const SENTENCES = 60;
const LETTERS = 400;

/**
 * The days and hours that a text names from now on, at most `most`: first those that it says something is due by, then other
 * days, then hours alone, each in the order of the text.
 */
export function daysIn(text: string, reader: Reader, most: number): Due[] {
  const chips = text
    .split(/[\n.!?]+(?=\s|$)|\n/)
    .map((sentence) => sentence.trim().slice(0, LETTERS))
    .filter(Boolean)
    .slice(0, SENTENCES)
    .flatMap((sentence) => chipsOfText(sentence, reader));
  const found = [
    ...chips.flatMap((chip) => (chip.kind === 'due' ? [chip.value] : [])),
    ...chips.flatMap((chip) => (chip.kind === 'when' && !chip.hourOnly ? [chip.value] : [])),
    ...chips.flatMap((chip) => (chip.kind === 'when' && chip.hourOnly ? [chip.value] : [])),
  ];
  return [...new Map(found.map((due) => [plainDue(due), due])).values()].slice(0, most);
}
