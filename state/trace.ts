import { kept } from './kept';
import type { Trace } from './store';

/** A trace in localStorage, under a name; where that is switched off, an emptied database looks like a new one. */
export function trace(name: string): Trace {
  const mark = kept(name);
  return {
    isThere: () => mark.get() !== null,
    leave: () => {
      if (mark.get() === null) mark.set('yes');
    },
  };
}
