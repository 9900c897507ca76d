import type { Working } from '../working';
import { Draft } from './draft';
import { bestPlacement, nowhere, type Left, type Placement } from './place';
import { endOf, valueOf, worthOf, type FitModel, type Plan } from './model';

/*
 * Looks for the best plan: jobs are placed one after the other, each where it is best in what is left; then a few are taken off
 * again and again, where one gets less than it could, and placed anew in another order (large neighbourhood search; Shaw 1998),
 * which is kept when it is better, and at first also when it is a little worse (annealing; Kirkpatrick, Gelatt and Vecchi 1983). The
 * prices of the bound say where time is scarce, so that what could lie elsewhere does.
 */

/** A plan with what it is worth. */
export type Found = { readonly plan: Plan; readonly worth: number };

export type SearchAsked = {
  readonly random: () => number;
  /** How many times some jobs are placed anew. */
  readonly rounds: number;
  /** A plan to go on from. */
  readonly from?: Plan | undefined;
  /** What each quarter hour costs by the bound. */
  readonly prices?: Float64Array | undefined;
};

/** Of more jobs than this only one order is tried, so that a first plan is there at once. */
const MANY = 150;
/** How much worse than before a plan may become at first: so much of what a job is worth on the average. */
const HEAT = 0.015;
/** How many jobs are placed anew at once, at most. */
const MOST = 6;
/** How often jobs are placed by prices where they are known and where they are lots, how often one begins with a job that lacks something, how often with what it wishes for. */
const PRICED = 0.9;
const LOTS = 0.5;
const LACKING = 0.7;
const WISHED = 0.6;

/** The best plan that is found in so many rounds; the same for the same model, rounds and lots. Tells which share is done. */
export function* search(model: FitModel, asked: SearchAsked): Working<Found> {
  const { random, rounds, from, prices } = asked;
  const draft = from ? resumed(model, from) : begun(model, prices);
  let best: Found = { plan: draft.plan(), worth: draft.worth };
  const most = model.jobs.map((job) => alone(model, job).value);
  const chain = waitingOn(model);
  const heat = (HEAT * Math.max(1, draft.worth)) / Math.max(1, model.jobs.length);
  for (let round = 0; round < rounds && model.jobs.length > 0; round += 1) {
    if (round % 64 === 63) yield round / rounds;
    const chosen = withChain(chain, neighbourhood(draft, most, asked));
    const before = draft.worth;
    const olds = chosen.map((i) => [i, draft.takeOff(i)] as const);
    placeAnew(draft, shuffled(chosen, random), chain, asked);
    const gained = draft.worth - before;
    const warmth = heat * (1 - round / rounds);
    if (gained < 0 && random() >= Math.exp(gained / warmth)) {
      for (const [i] of olds) draft.takeOff(i);
      for (const [i, placement] of olds) draft.put(i, placement);
    }
    if (draft.worth > best.worth + 1e-6) best = { plan: draft.plan(), worth: draft.worth };
  }
  return { plan: best.plan, worth: worthOf(model, best.plan) };
}

/** Places jobs in an order: mostly by prices, and then once more without them what got less than all. */
function placeAnew(draft: Draft, order: readonly number[], chain: Chain, asked: SearchAsked): void {
  const { model } = draft;
  const costs = asked.random() < (asked.prices ? PRICED : LOTS) ? varied(model, asked) : undefined;
  for (const i of inOrder(model, order)) draft.place(i, costs);
  if (!costs) return;
  for (const i of order) {
    if (!draft.isOpen(i) || (chain[i]?.length ?? 0) > 0) continue;
    draft.takeOff(i);
    draft.place(i);
  }
}

/**
 * Prices of time to place by: those of the bound, all a little higher or lower, and each by its own lot, so that jobs also come to lie
 * where it is not best for them alone.
 */
function varied({ at, jobs }: FitModel, { prices, random }: SearchAsked): Float64Array {
  const [all, each] = [0.7 + 0.5 * random(), 0.4 * random()];
  const usual = prices ? 0 : (jobs[Math.floor(random() * jobs.length)]?.whole ?? 0);
  return Float64Array.from(at, (_, unit) => {
    const price = prices?.[unit] ?? 0;
    return price * all + each * (price + usual) * (random() - 0.5);
  });
}

function resumed(model: FitModel, plan: Plan): Draft {
  const draft = new Draft(model);
  plan.forEach((pieces, i) => {
    const job = model.jobs[i];
    if (job) draft.put(i, { pieces, value: valueOf(model, job, pieces) });
  });
  return draft;
}

/** The first plan: the best of some plain orders, with the prices of time, if they are known, and without them. */
function begun(model: FitModel, prices: Float64Array | undefined): Draft {
  const { jobs } = model;
  const dense = jobs.map((job) => alone(model, job).value / Math.max(1, job.units));
  const by = (rank: (i: number) => number) => [...jobs.keys()].sort((a, b) => rank(a) - rank(b) || a - b);
  const due = (i: number) => jobs[i]?.due ?? 0;
  const orders = [by(due), by((i) => -(dense[i] ?? 0)), by((i) => due(i) - (dense[i] ?? 0) / 10)];
  const some = jobs.length > MANY ? orders.slice(-1) : orders;
  const drafts = some.flatMap((order) =>
    [undefined, ...(prices ? [prices] : [])].map((costs) => {
      const draft = new Draft(model);
      for (const i of inOrder(model, order)) draft.place(i, costs);
      return draft;
    }),
  );
  return drafts.reduce((a, b) => (b.worth > a.worth ? b : a));
}

const empty = (model: FitModel): Left => ({ taken: new Uint8Array(model.at.length), room: model.caps });

/** Where a job would lie if it were alone, and paid for its time. */
const alone = (model: FitModel, job: FitModel['jobs'][number], prices?: Float64Array): Placement =>
  bestPlacement(model, job, empty(model), { prices });

/** Jobs that get in each other’s way: one that could get more and those that hold what it wants, or that lie beside it; and some by lot. */
function neighbourhood(draft: Draft, most: readonly number[], asked: SearchAsked): number[] {
  const { random, prices } = asked;
  const { model } = draft;
  const { jobs, at } = model;
  const pick = (count: number) => Math.floor(random() * count);
  const first = random() < LACKING ? lacking(draft, most, random) : pick(jobs.length);
  const job = jobs[first];
  const chosen = new Set([first]);
  const { pieces } =
    job && random() < WISHED
      ? alone(model, job, prices && varied(model, asked))
      : (draft.placed[first] ?? nowhere);
  for (const piece of pieces)
    for (let unit = piece.from - 2; unit < endOf(piece) + 2 && chosen.size < MOST; unit += 1) {
      const holder = draft.holderOf(unit);
      if (holder >= 0 && random() < 0.8) chosen.add(holder);
    }
  const more = 1 + pick(3);
  for (let k = 0; k < more && chosen.size < MOST; k += 1) {
    const holder = random() < 0.5 ? draft.holderOf(pick(at.length)) : pick(jobs.length);
    if (holder >= 0) chosen.add(holder);
  }
  return [...chosen];
}

/** A job that gets less than it could: of three by lot the one that lacks most. */
function lacking(draft: Draft, most: readonly number[], random: () => number): number {
  const some = Array.from({ length: 3 }, () => Math.floor(random() * most.length));
  const lack = (i: number) => (most[i] ?? 0) - (draft.placed[i]?.value ?? 0);
  return some.reduce((a, b) => (lack(b) > lack(a) ? b : a));
}

/** Those that wait for each job. */
type Chain = readonly (readonly number[])[];

function waitingOn({ jobs }: FitModel): Chain {
  const found: number[][] = jobs.map(() => []);
  jobs.forEach(({ after }, i) => after.forEach((other) => found[other]?.push(i)));
  return found;
}

/** Some jobs with all that waits for them, as that has to move along. */
function withChain(chain: Chain, chosen: readonly number[]): number[] {
  const all = new Set(chosen);
  for (const i of all) for (const other of chain[i] ?? []) all.add(other);
  return [...all];
}

function shuffled(items: readonly number[], random: () => number): number[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i -= 1) {
    const other = Math.floor(random() * (i + 1));
    [all[i], all[other]] = [all[other] ?? 0, all[i] ?? 0];
  }
  return all;
}

/** An order in which nothing comes before what it waits for. */
function inOrder({ jobs }: FitModel, order: readonly number[]): readonly number[] {
  if (order.every((i) => jobs[i]?.after.length === 0)) return order;
  const among = new Set(order);
  const ordered = new Set<number>();
  const take = (i: number): void => {
    if (!among.delete(i)) return;
    for (const other of jobs[i]?.after ?? []) take(other);
    ordered.add(i);
  };
  for (const i of order) take(i);
  return [...ordered];
}
