import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useStore as useZustand } from 'zustand';
import type { Change } from '@/core/commands/changes';
import type { Workspace } from '@/core/model/workspace';
import { askToLast, isLasting } from './lasting';
import { repository } from './repository';
import { session } from './session';
import { createWorkspaceStore, type StoreState } from './store';

/** Tells the other tabs of this space about each change. */
function otherTabs(space: string) {
  const channel = new BroadcastChannel(`sprindle-${space}`);
  return {
    tell: (changes: readonly Change[]) => channel.postMessage(changes),
    listen: (heard: (changes: readonly Change[]) => void) => {
      // only this program's own tabs can speak on the channel, and they send what tell() takes
      channel.onmessage = (event: MessageEvent<readonly Change[]>) => heard(event.data);
    },
  };
}

/** The one store of the running application. */
export const store = createWorkspaceStore({
  repository: repository(createAsyncStorage(`sprindle-${session.space}`)),
  now: session.now,
  tabs: otherTabs(session.space),
});

document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') void store.flush();
});
window.addEventListener('pagehide', () => void store.flush());

/** So much of a person's own work is worth a question. */
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
export const useWorkspace = (): Workspace => useStore(({ workspace }) => workspace);

/** A new id for a record. */
export const newId = (): string => crypto.randomUUID();
