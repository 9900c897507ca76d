import { store } from '@/state/workspaceStore';
import { leavePanel, openPanel } from '@/ui/panels';
import { Cancelled, Unusable, type Options } from '@/workers/fileReader';

/** A quick read is over before a sheet about it could be understood. */
const SHOWN_AFTER = 250;

export const NOTHING_CHANGED = 'Nothing was changed.';

/** Whether a file has more than `most` bytes; says so, and what that is more than. */
export function isTooLarge({ name, size }: File, most: number, moreThan: string): boolean {
  if (size <= most) return false;
  const words = `${name} is larger than ${most / 1_000_000} MB, more than ${moreThan}. ${NOTHING_CHANGED}`;
  store.say(words, 'problem');
  return true;
}

/**
 * Reads a file while the person sees how far it has come and may call it off. Resolves to undefined, and says why, when
 * nothing came of it.
 */
export async function watched<T>(
  { name }: { readonly name: string },
  read: (options: Options) => Promise<T>,
): Promise<T | undefined> {
  const stop = new AbortController();
  let share = 0;
  const show = () => openPanel({ kind: 'importing', name, share, cancel: () => stop.abort() });
  let shown = false;
  const timer = setTimeout(() => {
    shown = true;
    show();
  }, SHOWN_AFTER);
  // word of how far it has come may arrive after the result, as it comes by another way
  let over = false;
  const progress = (part: number) => {
    const further = Math.round(part * 100) > Math.round(share * 100);
    share = part;
    if (shown && further && !over && !stop.signal.aborted) show();
  };
  try {
    const result = await read({ progress, signal: stop.signal });
    if (stop.signal.aborted) throw new Cancelled('cancelled');
    return result;
  } catch (error) {
    if (error instanceof Cancelled) store.say(`Reading ${name} was called off. ${NOTHING_CHANGED}`);
    else if (error instanceof Unusable) store.say(`${name}: ${error.message} ${NOTHING_CHANGED}`, 'problem');
    else throw error;
    return undefined;
  } finally {
    over = true;
    clearTimeout(timer);
    leavePanel('importing');
  }
}
