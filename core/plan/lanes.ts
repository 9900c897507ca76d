import { overlaps, type Span } from '../time/span';

/** Where an item stands among those it overlaps: the `lane`th of `lanes`, from 0. */
export type Placed<T> = { readonly item: T; readonly lane: number; readonly lanes: number };

/**
 * Shares the width among what overlaps: every item gets the first lane that is free at its start, and all items
 * of one unbroken cluster share that cluster's number of lanes. Items that touch do not share.
 */
export function shareWidth<T extends Span>(items: readonly T[]): Placed<T>[] {
  const sorted = [...items].sort((a, b) => a.from - b.from || b.to - a.to);
  const placed: Placed<T>[] = [];
  let cluster: { item: T; lane: number }[] = [];
  let clusterEnd = -Infinity;
  const close = () => {
    const lanes = Math.max(0, ...cluster.map(({ lane }) => lane + 1));
    placed.push(...cluster.map((one) => ({ ...one, lanes })));
    cluster = [];
  };
  for (const item of sorted) {
    if (item.from >= clusterEnd) close();
    const taken = new Set(cluster.filter((other) => overlaps(other.item, item)).map(({ lane }) => lane));
    let lane = 0;
    while (taken.has(lane)) lane += 1;
    cluster.push({ item, lane });
    clusterEnd = Math.max(clusterEnd, item.to);
  }
  close();
  return placed;
}
