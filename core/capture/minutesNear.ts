import { DAY_MINUTES } from '../model/frame';
import { minutesOfClock } from '../time/wall';
import { clockAt } from './grammar/clock';
import { tokensOf } from './grammar/tokens';
import { readTime } from './readTime';

const HALF = DAY_MINUTES / 2;

/** How far two times of day lie apart, in minutes, over midnight where that is nearer. */
const apart = (a: number, b: number): number => {
  const way = Math.abs(a - b) % DAY_MINUTES;
  return Math.min(way, DAY_MINUTES - way);
};

/**
 * A time of day as people type or say it, in minutes after midnight: `9`, `14:30`, `half eleven`, `quarter to six`. One that is spoken and
 * does not say which half of the day is meant is the one nearer to `near` (minutes after midnight). Undefined when it
 * cannot be read.
 */
export function minutesNear(text: string, near: number): number | undefined {
  const plain = readTime(text);
  if (plain !== undefined) return minutesOfClock(plain);
  const tokens = tokensOf(text.trim());
  const told = clockAt(tokens, 0);
  if (!told || told.next < tokens.length) return undefined;
  const { minutes, isWhole } = told.value;
  const either = isWhole ? [minutes] : [minutes, minutes + HALF];
  const [nearest = minutes] = either
    .map((each) => each % DAY_MINUTES)
    .sort((a, b) => apart(a, near) - apart(b, near));
  return nearest;
}
