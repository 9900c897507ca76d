import { FEW } from '../tasks/goals';
import type { GoalStanding } from './standing';
import { durationWords, weekdayWords } from '../time/words';
import type { IsoDate } from '../time/zone';

/** What a goal is meant to get and gets: `6 h meant · 5 h 30 planned, 2 h of it done · 1 of 4 tasks done`. */
export function standingWords({ meant, expected, done, open, ticked, goal }: GoalStanding): string {
  const tasks = open.length + ticked;
  const got =
    done === 0
      ? `${durationWords(expected)} planned`
      : done < expected
        ? `${durationWords(expected)} with what is planned, ${durationWords(done)} of it done`
        : `${durationWords(done)} done`;
  return [
    meant === null ? '' : `${durationWords(meant)} meant`,
    got,
    tasks === 0
      ? ''
      : ticked === 0
        ? `${tasks} ${tasks === 1 ? 'task' : 'tasks'}`
        : `${ticked} of ${tasks} tasks done`,
    goal.doneAt === null ? '' : 'reached',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What is missing to a goal and where room is for it: `2 h short, room on Tue (2 h), Thu (1 h 30)`; '' where nothing is. */
export function shortWords({ short, room, beyond, stretch }: GoalStanding, today: IsoDate): string {
  if (short === 0) return '';
  const missing = `${durationWords(short)} short`;
  if (stretch.last < today) return missing;
  if (stretch.unit !== 'week') return `${durationWords(short)} to go`;
  if (room.length === 0) return `${missing}, and no room is left for it`;
  const days = room.map(({ date, minutes }) => `${weekdayWords(date)} (${durationWords(minutes)})`);
  const over = beyond > 0 ? `, ${durationWords(beyond)} of it no longer fit` : '';
  return `${missing}${over}, room on ${days.join(', ')}`;
}

/** The same in as few words as there are: `4 h of 6 h`. */
export const briefWords = ({ meant, expected }: GoalStanding): string =>
  meant === null ? durationWords(expected) : `${durationWords(expected)} of ${durationWords(meant)}`;

/** That there are more goals than a week can bear, if so. */
export const manyWords = (count: number): string =>
  count > FEW ? `${count} goals for one week. Two or three get done; the others get in their way.` : '';
