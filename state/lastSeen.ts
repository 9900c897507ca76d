import { session } from './session';

const NAME = `sprindle.${session.space}.seen`;

/** When a page last looked at the clock while a timer ran (epoch ms), for the next page; where storage is switched off, never. */
export const lastSeen = {
  at(): number | undefined {
    try {
      return Number(localStorage.getItem(NAME)) || undefined;
    } catch {
      return undefined;
    }
  },
  keep(now: number): void {
    try {
      localStorage.setItem(NAME, String(now));
    } catch {
      // then the next page asks nothing
    }
  },
};
