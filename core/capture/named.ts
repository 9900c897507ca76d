import { goalsAhead } from '../tasks/goals';
import type { Id } from '../model/common';
import { dateOf } from '../time/zone';
import type { Chip, Finder } from './chip';

/** A name as a pattern has it. */
export const escaped = (name: string) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Names that are told with a word of what they are, or at the end of the line: `in Grants`, `list Permits`, `category Writing`. */
export function named(
  text: string,
  lead: string,
  kind: 'list' | 'category' | 'goal',
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

/**
 * For a goal of this week or the next that is not reached: `for Grant report handed in`; behind the word goal as few of its words
 * as no other begins with, `for goal grant`.
 */
export const goals: Finder = (text, { workspace, now, zone }) => {
  const ahead = goalsAhead(workspace, dateOf(now, zone)).filter(({ doneAt }) => doneAt === null);
  const whole = named(
    text,
    'for(?: the)? goal|for',
    'goal',
    ahead.map(({ id, title }) => ({ id, name: title })),
  );
  const begun = [...text.matchAll(/\bfor(?: the)? goal\s+(?=\S)/giu)].flatMap(
    ({ 0: lead, index: from }): Chip[] => {
      const first = from + lead.length;
      const ends = [...text.slice(first).matchAll(/\S+/g)].map(
        ({ 0: word, index }) => first + index + word.length,
      );
      for (const to of ends.reverse()) {
        const name = text
          .slice(first, to)
          .replace(/[,;.]$/, '')
          .toLowerCase();
        const [one, another] = ahead.filter(({ title }) => title.toLowerCase().startsWith(name));
        if (one && !another) return [{ kind: 'goal', value: one.id, from, to }];
      }
      return [];
    },
  );
  return [...whole, ...begun];
};
