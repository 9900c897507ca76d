import { createContext, startTransition, use, useEffect, useState, type ReactNode } from 'react';
import { flushSync } from 'react-dom';
import type { Workspace } from '@/core/model/workspace';
import { shownOf } from './trial';
import { store } from './workspaceStore';

type Shown = { readonly workspace: Workspace; readonly opening: boolean };

const Context = createContext<Shown | null>(null);

const present = (): Shown => {
  const state = store.getState();
  return { workspace: shownOf(state), opening: state.opening };
};

const isSame = (a: Shown, b: Shown) => a.workspace === b.workspace && a.opening === b.opening;

let isAtOnce = false;

/** Does something whose outcome stands before it returns, as where a thing that is let go has to lie. */
export function atOnce(act: () => void): void {
  isAtOnce = true;
  try {
    act();
  } finally {
    isAtOnce = false;
  }
}

/**
 * Shows the workspace to all that is drawn within it. A change is drawn beside what stands, which goes on answering
 * until the whole of it is drawn: a tick or a started timer never holds up the next key.
 */
export function WorkspaceProvider({ children }: { children: ReactNode }) {
  const [shown, show] = useState(present);
  useEffect(() => {
    const take = () =>
      show((before) => {
        const now = present();
        return isSame(now, before) ? before : now;
      });
    // what has come before this
    take();
    return store.subscribe((after, before) => {
      if (after.trial === before.trial && isSame(after, before)) return;
      if (isAtOnce) flushSync(take);
      else startTransition(take);
    });
  }, []);
  return <Context value={shown}>{children}</Context>;
}

/** The workspace as it is drawn, in a component. */
export const useWorkspace = (): Workspace => (use(Context) ?? present()).workspace;

/** Whether all that is stored has been read, and not only what the first screen needs. */
export function useIsWhole(): boolean {
  const [isWhole, setWhole] = useState(false);
  useEffect(() => void store.whole().then(() => setWhole(true)), []);
  return isWhole;
}

/** Whether what is stored is still being read. */
export const useOpening = (): boolean => (use(Context) ?? present()).opening;
