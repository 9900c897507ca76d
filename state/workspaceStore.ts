import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useStore as useZustand } from 'zustand';
import type { Change } from '@/core/commands/changes';
import type { Workspace } from '@/core/model/workspace';
import { withTimes } from '@/core/tasks/repeating';
import { dateOf, dayOf } from '@/core/time/zone';
import { askToLast, isLasting } from './lasting';
import { lastWords } from './lastWords';
import { useMonths } from './months';
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
  lastWords: lastWords(() => localStorage, `sprindle.${session.space}.unwritten.`, crypto.randomUUID()),
  tabs: otherTabs(session.space),
});

document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') store.leave();
});
window.addEventListener('pagehide', () => store.leave());

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

/** The workspace with the times of repeating tasks that are in sight, to be looked at. */
export function workspaceInSight(): Workspace {
  const { workspace } = store.getState();
  return inSight(workspace, useMonths.getState().months, today());
}

/** The same in a component. */
export function useWorkspace(): Workspace {
  const workspace = useStore((state) => state.workspace);
  const months = useMonths((state) => state.months);
  return inSight(workspace, months, today());
}

/** Today's date, worked out once a day. */
let day = { from: 0, to: 0, date: '' };
function today(): string {
  const now = session.now();
  if (now < day.from || now >= day.to) {
    const date = dateOf(now, session.zone);
    day = { ...dayOf(date, session.zone), date };
  }
  return day.date;
}

/** All that asks between two changes gets the same workspace. */
let last = { workspace: store.getState().workspace, months: [] as readonly string[], date: '' };
let lastInSight = last.workspace;
function inSight(workspace: Workspace, months: readonly string[], date: string): Workspace {
  if (workspace !== last.workspace || months !== last.months || date !== last.date) {
    last = { workspace, months, date };
    lastInSight = withTimes(workspace, months, date, session.zone);
  }
  return lastInSight;
}

/** A new id for a record. */
export const newId = (): string => crypto.randomUUID();
