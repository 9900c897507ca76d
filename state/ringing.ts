import { create } from 'zustand';
import { Ringing } from '@/core/remind/ring';
import { newRinging } from '@/core/remind/ringing';
import { kept } from './kept';
import { session } from './session';

/*
 * What this browser remembers of its reminders, one for all tabs of a space. It is about this device, so it is no part of
 * the person's data: another device rings by itself.
 */

const NAME = `sprindle.${session.space}.ringing`;
const record = kept(NAME);

const parsed = (text: string | null): Ringing | undefined => {
  try {
    return Ringing.safeParse(JSON.parse(text ?? '')).data;
  } catch {
    return undefined;
  }
};

type State = { readonly ringing: Ringing };

/** The reminders of this device, for what is drawn. */
export const useRinging = create<State>(() => ({
  ringing: parsed(record.get()) ?? newRinging(session.now()),
}));

/** The latest that is known: what is stored, unless this tab could not store what came after it. */
function latest(): Ringing {
  const mine = useRinging.getState().ringing;
  const stored = parsed(record.get());
  return stored && (stored.until >= mine.until || wasStored) ? stored : mine;
}
let wasStored = true;

function keep(ringing: Ringing): void {
  const text = JSON.stringify(ringing);
  record.set(text);
  wasStored = record.get() === text;
  useRinging.setState({ ringing });
}

/** Changes what is remembered, one tab at a time, so that what rings in one does not ring in another. */
export async function changeRinging<T>(
  change: (ringing: Ringing) => { readonly ringing: Ringing; readonly answer: T },
): Promise<T> {
  const act = () => {
    const before = latest();
    const { ringing, answer } = change(before);
    if (ringing !== before) keep(ringing);
    return answer;
  };
  // without locks, as on a page that did not come over https, the tab that is in sight rings
  return 'locks' in navigator ? navigator.locks.request(NAME, act) : act();
}

/** Follows what other tabs remember. */
export function followRinging(): void {
  addEventListener('storage', ({ key, newValue }) => {
    const ringing = key === NAME ? parsed(newValue) : undefined;
    if (ringing) useRinging.setState({ ringing });
  });
}
