import type { Workspace } from '../model/workspace';
import { inGroups } from '../review/inGroups';
import type { Working } from '../working';
import { tellingWords } from '../tasks/tellingWords';
import type { Zone } from '../time/zone';
import { backtest, type Backtest } from './backtest';
import { habitsOf, ratiosOf, type Habits } from './habits';
import { observationsIn, type Observation, type Which } from './observations';

/** What finished tasks can be put together by, to see how far off estimates are. */
export const estimateGroupings = ['category', 'list', 'size', 'hour', 'word'] as const;
export type EstimateGrouping = (typeof estimateGroupings)[number];

export type EstimatesAsked = {
  readonly by: EstimateGrouping;
  readonly which: Which;
  readonly zone: Zone;
  readonly now: number;
};

/** How many times its estimate something took: the median, where half of them lie, and on how many that rests. */
export type Ratios = NonNullable<ReturnType<typeof ratiosOf>>;

/** Finished tasks that have something in common: `key` is an id, a length (minutes), an hour of the clock or a word. */
export type RatioGroup = { readonly key: string | null; readonly ratios: Ratios };

export type EstimatesTold = {
  readonly all: Ratios | null;
  /** The most frequent first; sizes and hours in their order. */
  readonly groups: readonly RatioGroup[];
  /** The latest ones, for a picture. */
  readonly points: readonly Observation[];
  /** How many tasks say something, and how many of them are not finished. */
  readonly count: number;
  readonly open: number;
  /** How many estimates were changed after the start. */
  readonly changed: number;
  readonly backtest: Backtest | null;
};

/** Groups of fewer tasks are left out. */
const LEAST = 3;
/** So many points are drawn, and so many words told of. */
const MOST = { points: 400, words: 20 };
/** The lengths that estimates are told apart by: up to so many minutes. */
export const sizes = [15, 30, 60, 120, 240, Infinity] as const;

const keysOf: Record<EstimateGrouping, (one: Observation) => readonly (string | null)[]> = {
  category: ({ categoryId }) => [categoryId],
  list: ({ listId }) => [listId],
  size: ({ estimate }) => [`${sizes.find((size) => estimate <= size) ?? Infinity}`],
  hour: ({ hour }) => [`${hour}`],
  word: ({ title }) => [...tellingWords(title)],
};

function groupsOf(observations: readonly Observation[], by: EstimateGrouping, now: number): RatioGroup[] {
  const keyed = observations.flatMap((one) => keysOf[by](one).map((key) => ({ key, one })));
  const groups = [...inGroups(keyed, ({ key }) => key)].flatMap(([key, own]): RatioGroup[] => {
    const ratios = ratiosOf(
      own.map(({ one }) => one),
      now,
    );
    return ratios && ratios.count >= LEAST ? [{ key, ratios }] : [];
  });
  const inOrder = by === 'size' || by === 'hour';
  const place = ({ key, ratios }: RatioGroup) => (inOrder ? Number(key) : -ratios.count);
  const sorted = groups.sort((a, b) => place(a) - place(b));
  return by === 'word' ? sorted.slice(0, MOST.words) : sorted;
}

/** What one's record says of one's estimates. */
export function* estimatesOf(
  workspace: Workspace,
  { by, which, zone, now }: EstimatesAsked,
): Working<EstimatesTold> {
  const observations = observationsIn(workspace, which, zone, now).sort((a, b) => b.at - a.at);
  yield 0.3;
  const tested = yield* backtest(observations);
  const changed = observations.filter(({ id }) => workspace.tasks.get(id)?.firstEstimate !== undefined);
  return {
    all: ratiosOf(observations, now) ?? null,
    groups: groupsOf(observations, by, now),
    points: observations.slice(0, MOST.points),
    count: observations.length,
    open: observations.filter(({ open }) => open).length,
    changed: changed.length,
    backtest: tested,
  };
}

/** One's habits, from the estimates that tasks have now. */
export function* habitsIn(
  workspace: Workspace,
  { zone, now }: Pick<EstimatesAsked, 'zone' | 'now'>,
): Working<Habits> {
  const observations = observationsIn(workspace, 'last', zone, now);
  yield 0.5;
  return habitsOf(observations, now);
}
