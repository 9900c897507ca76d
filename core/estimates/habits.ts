import { inGroups } from '../review/inGroups';
import { DAY } from '../time/span';
import { plainTitle, type Observation } from './observations';
import { distributionOf, effective, quantile, type Weighed } from './weighted';

/** How one estimates: on a logarithmic scale, so that half and twice as long are as far from the estimate. */
export type Habit = {
  /** The median of log(actual ÷ estimate), drawn towards that of what it is a part of. */
  readonly middle: number;
  /** How far the ratios spread, as a standard deviation would. */
  readonly spread: number;
  /** How sure the middle is: its variance. */
  readonly doubt: number;
  /** How many tasks it rests on. */
  readonly count: number;
};

export type Habits = {
  readonly all: Habit;
  readonly kinds: ReadonlyMap<string, Habit>;
  readonly titles: ReadonlyMap<string, Habit>;
  /** Where the ratios lie about the middles, in spreads: from the lowest hundredth part to the highest. */
  readonly tails: readonly number[];
};

/** After so many days something counts half. */
const HALF_LIFE = 180;
/** What is older than this counts for nothing, in half-lives. */
const OLDEST = 6;
/** Nobody is off by more than this factor; what seems so was recorded wrongly. */
const FURTHEST = Math.log(20);
/** Before anything is known, ratios spread like this: half of them within three tenths up or down. */
const FIRST = { spread: 0.4, counts: 4 };
/** A habit over all is one from so many variances of chance on. */
const SURE = 2;
/** The variance of a median of normal figures is π/2 times that of their mean. */
const MEDIAN = Math.PI / 2;
/** A standard deviation in the distance between the tenth and the ninetieth hundredth part of normal figures. */
const TENTHS = 2.563;
/** A series needs so many times to be told from its kind. */
const SERIES = 3;

const clamp = (value: number, most: number) => Math.max(-most, Math.min(most, value));

type Point = Weighed & Pick<Observation, 'kind' | 'title'>;

const pointsOf = (observations: readonly Observation[], now: number): Point[] =>
  observations.flatMap(({ estimate, actual, open, at, kind, title }): Point[] => {
    const age = Math.max(0, now - at) / (DAY * HALF_LIFE);
    return age > OLDEST
      ? []
      : [
          {
            value: clamp(Math.log(actual / estimate), FURTHEST),
            weight: 2 ** -age,
            censored: open,
            kind,
            title: plainTitle(title),
          },
        ];
  });

/** The raw middle and spread of some points, and how many of equal weight they are worth. */
function raw(points: readonly Point[], usual: number) {
  const steps = distributionOf(points);
  const counts = effective(points.map(({ weight }) => weight));
  const width = ((quantile(steps, 0.9) ?? 0) - (quantile(steps, 0.1) ?? 0)) / TENTHS;
  // a few points tell little of their spread, so that it is mostly the usual one
  const spread = Math.sqrt((counts * width ** 2 + FIRST.counts * usual ** 2) / (counts + FIRST.counts));
  return { middle: quantile(steps, 0.5) ?? 0, spread, counts, count: points.length };
}

/**
 * How far the middles of groups really lie apart: the variance between them beyond what chance explains (the method of moments,
 * DerSimonian and Laird 1986).
 */
function between(groups: readonly { readonly middle: number; readonly error: number }[]): number {
  const sum = (of: (group: (typeof groups)[number]) => number) =>
    groups.reduce((total, group) => total + of(group), 0);
  const weights = sum(({ error }) => 1 / error);
  if (groups.length < 2 || weights === 0) return 0;
  const mean = sum(({ middle, error }) => middle / error) / weights;
  const apart = sum(({ middle, error }) => (middle - mean) ** 2 / error);
  const scale = weights - sum(({ error }) => error ** -2) / weights;
  // chance alone makes them lie this far apart, one standard deviation of it included (a χ² of so many degrees of freedom)
  const chance = groups.length - 1 + Math.sqrt(2 * (groups.length - 1));
  return scale <= 0 ? 0 : Math.max(0, (apart - chance) / scale);
}

/** Middles drawn towards what they are a part of, by how little they rest on (empirical Bayes, Efron and Morris 1975). */
function drawn(groups: ReadonlyMap<string, Point[]>, towards: (key: string) => Habit): Map<string, Habit> {
  const told = [...groups].map(([key, points]) => {
    const whole = towards(key);
    const own = raw(points, whole.spread);
    return { key, whole, ...own, error: (MEDIAN * own.spread ** 2) / Math.max(own.counts, 0.1) };
  });
  // each is compared with its own whole
  const apart = between(told.map(({ middle, whole, error }) => ({ middle: middle - whole.middle, error })));
  return new Map(
    told.map(({ key, whole, middle, spread, error, count }) => {
      const share = apart / (apart + error);
      const habit = {
        middle: whole.middle + share * (middle - whole.middle),
        spread,
        doubt: share * error + (1 - share) ** 2 * whole.doubt,
        count,
      };
      return [key, habit];
    }),
  );
}

const titleKey = ({ kind, title }: Pick<Point, 'kind' | 'title'>) => `${kind}\n${title}`;

/**
 * How one estimates, from what one's own tasks say until `now` (epoch ms): over all, by kind of work, and by title of what has
 * been done several times. Older tasks weigh less, outliers no more than others, and open ones count as longer than so far.
 */
export function habitsOf(observations: readonly Observation[], now: number): Habits {
  const points = pointsOf(observations, now);
  const whole = raw(points, FIRST.spread);
  const error = (MEDIAN * whole.spread ** 2) / Math.max(whole.counts, 0.1);
  // towards no habit at all, unless it is beyond what chance explains (the positive part of James and Stein's estimate, 1961)
  const share = Math.max(0, 1 - (SURE * error) / Math.max(whole.middle ** 2, 1e-9));
  const all: Habit = {
    middle: share * whole.middle,
    spread: whole.spread,
    doubt: error,
    count: whole.count,
  };
  const kinds = drawn(
    inGroups(points, ({ kind }) => kind),
    () => all,
  );
  const series = new Map([...inGroups(points, titleKey)].filter(([, own]) => own.length >= SERIES));
  const kindOfKey = (key: string) => kinds.get(key.slice(0, key.indexOf('\n'))) ?? all;
  const titles = drawn(series, kindOfKey);
  const finest = (point: Point) => titles.get(titleKey(point)) ?? kinds.get(point.kind) ?? all;
  return { all, kinds, titles, tails: tailsOf(points, finest) };
}

/** The hundredth parts of how far points lie from their middles, in spreads; with few points much like normal figures. */
function tailsOf(points: readonly Point[], finest: (point: Point) => Habit): number[] {
  const about = points.map((point) => {
    const { middle, spread } = finest(point);
    return { ...point, value: (point.value - middle) / spread };
  });
  const usual = normal.map((value) => ({ value, weight: FIRST.counts / normal.length, censored: false }));
  const steps = distributionOf([...about, ...usual]);
  return Array.from({ length: 99 }, (_, i) => quantile(steps, (i + 1) / 100) ?? 0);
}

/** Ten figures that stand for a normal distribution: its fifth, fifteenth … hundredth parts. */
const normal = [-1.645, -1.036, -0.674, -0.385, -0.126, 0.126, 0.385, 0.674, 1.036, 1.645];

/** What a task is likely to take, in minutes: the middle, and the range in which four of five lie. */
export type Forecast = {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
  /** The ratio of the middle to the estimate. */
  readonly ratio: number;
  /** How many tasks it rests on, and of what: of the same title, the same kind, or all. */
  readonly count: number;
  readonly by: 'title' | 'kind' | 'all';
};

export type Asked = Pick<Observation, 'kind' | 'title' | 'estimate'>;

/** The habit that says most of a task, and by what it does. */
export function habitFor({ all, kinds, titles }: Habits, { kind, title }: Asked): [Forecast['by'], Habit] {
  const same = titles.get(titleKey({ kind, title: plainTitle(title) }));
  if (same) return ['title', same];
  const alike = kinds.get(kind);
  return alike ? ['kind', alike] : ['all', all];
}

/** What a task with an estimate is likely to take, going by one's habits. */
export function forecast(habits: Habits, asked: Asked): Forecast {
  const [by, { middle, spread, doubt, count }] = habitFor(habits, asked);
  // of few tasks the spread itself is not sure either
  const wide = Math.sqrt((spread ** 2 + doubt) * (1 + 1 / (count + 1)));
  const at = (hundredth: number) =>
    asked.estimate * Math.exp(middle + wide * (habits.tails[hundredth - 1] ?? 0));
  return {
    low: at(10),
    middle: asked.estimate * Math.exp(middle),
    high: at(90),
    ratio: Math.exp(middle),
    count,
    by,
  };
}

/** The ratios of actual to estimate of some observations: their median, and where half of them lie; undefined of none. */
export function ratiosOf(observations: readonly Observation[], now: number) {
  const steps = distributionOf(pointsOf(observations, now));
  const at = (share: number) => Math.exp(quantile(steps, share) ?? 0);
  return steps.length === 0
    ? undefined
    : { low: at(0.25), middle: at(0.5), high: at(0.75), count: observations.length };
}
