import type { Known } from './joined';

/** How often one hears of somebody: `in 12 meetings and messages`; empty where one does not. */
export const timesWords = ({ times }: Known): string => {
  if (times === 0) return '';
  return times === 1 ? 'in one meeting or message' : `in ${times} meetings and messages`;
};
