import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { inFives } from '../review/similar';
import { hourOfClock } from '../review/told/pictureSays';
import { durationWords } from '../time/words';
import type { Backtest } from './backtest';
import { forecast, type Habits } from './habits';
import { kindOf } from '../tasks/takes';
import { sizes, type EstimateGrouping, type RatioGroup, type Ratios } from './told';

/** A ratio as it is said: `1.4`. */
export const ratioWords = (ratio: number): string => ratio.toFixed(ratio < 0.95 ? 2 : 1);

/** What a group of tasks is called, within a sentence. */
export function groupWords(workspace: Workspace, by: EstimateGrouping, key: string | null): string {
  if (by === 'category')
    return key === null
      ? 'work without a category'
      : (workspace.categories.get(key)?.name ?? 'a deleted category');
  if (by === 'list') return workspace.lists.get(key ?? '')?.name ?? 'a deleted list';
  if (by === 'hour') return `what is begun from ${hourOfClock(Number(key), workspace.settings)}`;
  if (by === 'word') return `“${key}”`;
  return sizeWords(Number(key));
}

function sizeWords(size: number): string {
  const before = sizes[sizes.findIndex((one) => one === size) - 1];
  if (before === undefined) return `up to ${durationWords(size)}`;
  return size === Infinity
    ? `over ${durationWords(before)}`
    : `over ${durationWords(before)}, up to ${durationWords(size)}`;
}

/** Below this nothing is worth doing: a tenth more or less. */
const WORTH = 0.1;

/** What a ratio says, with what to do: `it takes 1.4 times the estimate; half of 12 lay between 1.1 and 1.9: plan 1 h 25 for an hour`. */
export function ratioSays({ low, middle, high, count }: Ratios): string {
  const range = `half of ${count} lay between ${ratioWords(low)} and ${ratioWords(high)}`;
  if (Math.abs(middle - 1) < WORTH) return `it takes what is estimated; ${range}`;
  return `it takes ${ratioWords(middle)} times the estimate; ${range}: plan ${durationWords(inFives(60 * middle))} for an hour`;
}

/** On fewer tasks than this nothing is advised. */
const ADVISED = 5;

/** What is most worth knowing of some groups: those that are off by most, and rest on enough. */
export const advice = (groups: readonly RatioGroup[], most = 3): RatioGroup[] =>
  groups
    .filter(({ ratios }) => ratios.count >= ADVISED && Math.abs(ratios.middle - 1) >= WORTH)
    .sort((a, b) => Math.abs(Math.log(b.ratios.middle)) - Math.abs(Math.log(a.ratios.middle)))
    .slice(0, most);

export const adviceWords = (
  workspace: Workspace,
  by: EstimateGrouping,
  { key, ratios }: RatioGroup,
): string => `For ${groupWords(workspace, by, key)} ${ratioSays(ratios)}.`;

const percent = (share: number) => `${Math.round(100 * share)} %`;
/** By how much something was off, as a share: a factor of 1.25 is `25 %`. */
const off = (factor: number) => percent(factor - 1);

/** How far one's record lets one trust what is forecast from it. */
export const trustWords = ({ count, within, given, forecast }: Backtest): string =>
  `Tried on your own record: each of ${count} tasks was forecast from those before it. ${percent(within)} lay in the range that is to hold 80 %; the forecasts were off by ${off(forecast)} in the middle, the estimates by ${off(given)}.`;

/** What one's habits say of an estimate that has been given; nothing where it is likely right, or too little is known. */
export function habitWords(
  habits: Habits,
  { categories, lists }: Workspace,
  task: Pick<Task, 'title' | 'category' | 'listId'>,
  estimate: number,
): string {
  if (estimate <= 0) return '';
  const { middle, ratio, count, by } = forecast(habits, { kind: kindOf(task), title: task.title, estimate });
  if (count < ADVISED || Math.abs(ratio - 1) < WORTH) return '';
  const name = categories.get(task.category ?? '')?.name ?? lists.get(task.listId)?.name;
  const what = { title: 'This', kind: name ?? 'Such work', all: 'Your work' }[by];
  return `${what} usually takes ${ratioWords(ratio)} times its estimate (${count} tasks): ${durationWords(inFives(middle))} for this.`;
}
