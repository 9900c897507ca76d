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
    placed.push(...cluster.map((card) => ({ ...card, lanes })));
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

/** Items that stand for each other in one lane, as there is no room to draw each. */
export type Crowd<T> = Span & { readonly items: readonly T[] } & Pick<Placed<T>, 'lane' | 'lanes'>;

/**
 * Where more than `most` share the width, the first ones keep a lane each and the rest stand together in the last, as
 * crowds of what overlaps. Nothing is lost: every item is a card of its own or in one crowd.
 */
export function withCrowds<T extends Span>(
  placed: readonly Placed<T>[],
  most: number,
): { cards: Placed<T>[]; crowds: Crowd<T>[] } {
  const room = (card: Placed<T>) => card.lanes <= most || card.lane < most - 1;
  const cards = placed.filter(room).map((card) => ({ ...card, lanes: Math.min(card.lanes, most) }));
  const crowds: { from: number; to: number; items: T[] }[] = [];
  const rest = placed.filter((card) => !room(card)).map(({ item }) => item);
  for (const item of rest.sort((a, b) => a.from - b.from)) {
    const last = crowds.at(-1);
    if (last && item.from < last.to) {
      last.items.push(item);
      last.to = Math.max(last.to, item.to);
    } else crowds.push({ from: item.from, to: item.to, items: [item] });
  }
  const place = { lane: most - 1, lanes: most };
  const alone = crowds.flatMap(({ items: [item, ...others] }) =>
    item && others.length === 0 ? [{ item, ...place }] : [],
  );
  return {
    cards: [...cards, ...alone],
    crowds: crowds.filter(({ items }) => items.length > 1).map((crowd) => ({ ...crowd, ...place })),
  };
}
