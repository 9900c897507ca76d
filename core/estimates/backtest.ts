import { median } from '../median';
import type { Working } from '../working';
import { forecast, habitsOf, type Habits } from './habits';
import type { Observation } from './observations';

/** How good forecasts would have been: each finished task as forecast from those that were finished before it. */
export type Backtest = {
  /** How many tasks were forecast. */
  readonly count: number;
  /** Which share (0 to 1) of them lay in the range that was to hold four of five. */
  readonly within: number;
  /** By which factor the median task was off: by its estimate as it was given, and as it was forecast. */
  readonly given: number;
  readonly forecast: number;
};

/** So many tasks are learned from before the first is forecast, and so many are forecast at most, the last ones. */
const LEARNED = 10;
const FORECAST = 1000;
/** Habits are worked out anew once there is so much more to learn from. */
const GROWTH = 0.04;

/** Goes through one's own record; null where there is too little to learn from. */
export function* backtest(observations: readonly Observation[]): Working<Backtest | null> {
  const finished = observations
    .filter(({ open }) => !open)
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const first = Math.max(LEARNED, finished.length - FORECAST);
  const told: { within: boolean; given: number; forecast: number }[] = [];
  let habits: Habits | undefined;
  let learned = 0;
  for (const [i, task] of finished.entries()) {
    if (i < first) continue;
    if (!habits || i >= learned * (1 + GROWTH)) {
      habits = habitsOf(finished.slice(0, i), task.at);
      learned = i;
      yield (i - first) / (finished.length - first);
    }
    const { low, middle, high } = forecast(habits, task);
    told.push({
      within: low <= task.actual && task.actual <= high,
      given: Math.abs(Math.log(task.actual / task.estimate)),
      forecast: Math.abs(Math.log(task.actual / middle)),
    });
  }
  if (told.length === 0) return null;
  return {
    count: told.length,
    within: told.filter(({ within }) => within).length / told.length,
    given: Math.exp(median(told.map(({ given }) => given))),
    forecast: Math.exp(median(told.map((one) => one.forecast))),
  };
}
