import type { Pace } from '../model/pace';
import type { Workspace } from '../model/workspace';
import { dayMonthWords } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import type { Habits } from './habits';
import { ratioWords } from './words';

/** On fewer finished tasks than this a kind of work is counted like all others, and all like their estimates. */
const LEAST = 5;

/** So far apart, and further, nobody is off (the bounds of a stored ratio). */
const within = (ratio: number) => Math.round(100 * Math.min(20, Math.max(0.05, ratio))) / 100;

/** How many times their estimates kinds of work take, by one's habits at an instant; null where too little is known. */
export function paceFrom({ all, kinds }: Habits, at: number): Pace | null {
  if (all.count < LEAST) return null;
  return {
    at,
    all: within(Math.exp(all.middle)),
    kinds: [...kinds]
      .filter(([, { count }]) => count >= LEAST)
      .map(([of, { middle }]) => ({ of, ratio: within(Math.exp(middle)) })),
  };
}

/** Whether two say the same of all work. */
export const isSamePace = (one: Pace, other: Pace): boolean =>
  JSON.stringify([one.all, one.kinds]) === JSON.stringify([other.all, other.kinds]);

/** What is counted with, in words: `As of 24 Nov: Writing 1.4, Permits 0.82, other work 1.1 times its estimate.` */
export function paceWords(workspace: Workspace, { at, all, kinds }: Pace, zone: Zone): string {
  const names = new Map<string, string>([
    ...workspace.categories.values().map(({ id, name }) => [`category ${id}`, name] as const),
    ...workspace.lists.values().map(({ id, name }) => [`list ${id}`, name] as const),
  ]);
  const told = kinds.flatMap(({ of, ratio }) => {
    const name = names.get(of);
    return name === undefined ? [] : [`${name} ${ratioWords(ratio)}`];
  });
  const other = told.length === 0 ? 'all work' : 'other work';
  return `As of ${dayMonthWords(dateOf(at, zone), workspace.settings)}: ${[...told, `${other} ${ratioWords(all)}`].join(', ')} times its estimate.`;
}
