import { derivedByPart } from '../model/collection';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { tellingWords } from '../tasks/tellingWords';
import { durationWords } from '../time/words';
import { minutesSpent } from '../track/spent';

const doneByWord = derivedByPart<Task, ReadonlyMap<string, readonly Task[]>>((tasks) => {
  const byWord = new Map<string, Task[]>();
  for (const task of tasks) {
    if (task.doneAt === null) continue;
    for (const word of tellingWords(task.title)) {
      const known = byWord.get(word);
      if (known) known.push(task);
      else byWord.set(word, [task]);
    }
  }
  return byWord;
});

/** How many of the most alike are looked at, and the share of the words that two titles must have in common. */
const MOST = 9;
const ALIKE = 0.5;

/** Minutes as people estimate them: in fives, from five on. */
export const inFives = (minutes: number): number => Math.max(5, Math.round(minutes / 5) * 5);

/** What some done tasks took, in minutes, in fives: the middle one of their times, where half of them lie, and how many they were. */
export type Took = {
  readonly minutes: number;
  readonly low: number;
  readonly high: number;
  readonly count: number;
};

/**
 * What done tasks like this one took: those whose titles share at least half of the telling words (Sørensen–Dice), the most
 * alike and the latest first. Undefined when there is none on which time was spent.
 */
export function similarTook(
  { tasks, entries }: Pick<Workspace, 'tasks' | 'entries'>,
  { id, title }: Pick<Task, 'id' | 'title'>,
  now: number,
): Took | undefined {
  const words = tellingWords(title);
  const shared = new Map<Task, number>();
  for (const part of doneByWord(tasks)) {
    for (const word of words)
      for (const task of part.get(word) ?? []) shared.set(task, (shared.get(task) ?? 0) + 1);
  }
  const alike = [...shared]
    .filter(([task]) => task.id !== id)
    .map(([task, count]) => ({ task, alike: (2 * count) / (words.size + tellingWords(task.title).size) }))
    .filter((other) => other.alike >= ALIKE)
    .sort((a, b) => b.alike - a.alike || (b.task.doneAt ?? 0) - (a.task.doneAt ?? 0));
  const times: number[] = [];
  for (const { task } of alike) {
    const minutes = minutesSpent(entries, task.id, now);
    if (minutes > 0) times.push(minutes);
    if (times.length === MOST) break;
  }
  if (times.length === 0) return undefined;
  times.sort((a, b) => a - b);
  const at = (share: number) => {
    const place = share * (times.length - 1);
    const [before = 0, after = 0] = [times[Math.floor(place)], times[Math.ceil(place)]];
    return inFives(before + (place % 1) * (after - before));
  };
  return { minutes: at(0.5), low: at(0.25), high: at(0.75), count: times.length };
}

/** On fewer tasks than this a range would say nothing. */
const RANGE = 3;

/** What tasks alike took, in a sentence: `Usually 1 h 20 – 1 h 50, from 12 alike.` */
export function tookWords({ minutes, low, high, count }: Took): string {
  if (count === 1) return `The one like it took ${durationWords(minutes)}.`;
  if (count < RANGE || low === high) return `${count} like it took ${durationWords(minutes)}, in the middle.`;
  return `Usually ${durationWords(low)} – ${durationWords(high)}, from ${count} alike.`;
}
