import { derivedByPart, type Collection, type Stored } from '../model/collection';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { lastInstant } from './deadline';
import type { Zone } from '../time/zone';

/** One's own order, or one by what the task says. */
export type Order = 'own' | 'due' | 'priority' | 'estimate';

export const priorities = ['urgent', 'high', 'normal', 'low'] as const;

const byRank = (a: Task, b: Task) => a.rank - b.rank;

/** Tasks in an order: what has no deadline or no estimate goes last; equals keep the person's own order. */
export function inOrder(
  tasks: readonly Task[],
  order: Order,
  events: Workspace['events'],
  zone: Zone,
): Task[] {
  const key: Record<Order, (task: Task) => number> = {
    own: (task) => task.rank,
    due: (task) => lastInstant(task, events, zone),
    priority: (task) => priorities.indexOf(task.priority),
    estimate: (task) => task.estimate ?? Infinity,
  };
  const keyed = tasks.map((task) => ({ task, by: key[order](task) }));
  // Infinity − Infinity is not a number, so compare instead of subtracting
  return keyed
    .sort((a, b) => (a.by < b.by ? -1 : a.by > b.by ? 1 : byRank(a.task, b.task)))
    .map(({ task }) => task);
}

/** The rank that puts something between two neighbours; a missing neighbour is the end of the list. */
export function rankBetween(before: number | undefined, after: number | undefined): number {
  if (before === undefined) return after === undefined ? 0 : after - 1;
  return after === undefined ? before + 1 : (before + after) / 2;
}

type Ranked = Stored & { readonly rank: number };

/** Lists, or whatever else has a rank, in their order. */
export const inRank = <R extends Ranked>(ranked: Collection<R>): R[] =>
  ranked.values().sort((a, b) => a.rank - b.rank);

const extremes = derivedByPart<Ranked, { lowest: number; highest: number }>((ranked) => {
  let [lowest, highest] = [0, 0];
  for (const { rank } of ranked) [lowest, highest] = [Math.min(lowest, rank), Math.max(highest, rank)];
  return { lowest, highest };
});
/** The lowest rank in use, at most 0. */
export const lowestRank = (ranked: Collection<Ranked>) =>
  Math.min(0, ...extremes(ranked).map((part) => part.lowest));
/** The highest rank in use, at least 0. */
export const highestRank = (ranked: Collection<Ranked>) =>
  Math.max(0, ...extremes(ranked).map((part) => part.highest));
