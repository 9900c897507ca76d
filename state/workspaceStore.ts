import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useStore as useZustand } from 'zustand';
import type { Workspace } from '@/core/model/workspace';
import { askToLast, isLasting } from './lasting';
import { lastWords } from './lastWords';
import { repository } from './repository';
import { session } from './session';
import { createWorkspaceStore, type StoreState } from './store';
import { otherTabs } from './tabs';

/** The one store of the running application. */
export const store = createWorkspaceStore({
  repository: repository(createAsyncStorage(`sprindle-${session.space}`)),
  now: session.now,
  lastWords: lastWords(() => localStorage, `sprindle.${session.space}.unwritten.`, crypto.randomUUID()),
  tabs: otherTabs(session.space),
});

document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') store.leave();
});
window.addEventListener('pagehide', () => store.leave());

/** How many records of a person's own work are worth a question. */
const WORTH_KEEPING = 10;

/** Asks once, when a person's own space has come to hold something worth keeping. */
function askWhenItMatters() {
  const stop = store.subscribe(({ workspace }) => {
    if (workspace.tasks.size + workspace.blocks.size + workspace.entries.size < WORTH_KEEPING) return;
    stop();
    void isLasting().then((lasting) => (lasting === false ? askToLast() : lasting));
  });
}
if (session.space === 'own') askWhenItMatters();

/** A part of the store's state, in a component. */
export const useStore = <T>(select: (state: StoreState) => T): T => useZustand(store, select);

/** The workspace, in a component. */
export const useWorkspace = (): Workspace => useStore((state) => state.workspace);

/** The workspace as it is now, where nothing is drawn. */
export const currentWorkspace = (): Workspace => store.getState().workspace;

/** A new id for a record. */
export const newId = (): string => crypto.randomUUID();
