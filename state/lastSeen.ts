import { kept } from './kept';
import { session } from './session';

const seen = kept(`sprindle.${session.space}.seen`);

/** When a page last looked at the clock while a timer ran (epoch ms), for the next page; where storage is switched off, never. */
export const lastSeen = {
  at: (): number | undefined => Number(seen.get()) || undefined,
  keep: (now: number): void => seen.set(String(now)),
};
