import type { Trace } from './store';

/** A trace in localStorage, under a name; where that is switched off, none. */
export const trace = (name: string): Trace => ({
  isThere() {
    try {
      return localStorage.getItem(name) !== null;
    } catch {
      return false;
    }
  },
  leave() {
    try {
      if (localStorage.getItem(name) === null) localStorage.setItem(name, 'yes');
    } catch {
      // then an emptied database looks like a new one
    }
  },
});
