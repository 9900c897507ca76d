import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useStore as useZustand } from 'zustand';
import type { Workspace } from '@/core/model/workspace';
import { lastWords } from './lastWords';
import { careForRoom } from './homes/room';
import { privateFiles } from './homes/files';
import { secondHome } from './homes/secondHome';
import { twoHomes } from './homes/twoHomes';
import { repository, type KeyValue } from './repository';
import { session } from './session';
import { createWorkspaceStore, type StoreState } from './store';
import { reopened } from './storage';
import { otherTabs } from './tabs';
import { trace } from './trace';
import { shownOf } from './trial';

const DATABASE = `sprindle-${session.space}`;

/** A new id for a record; by hand where a page that did not come over https lacks randomUUID (RFC 9562 5.4). */
export function newId(): string {
  if ('randomUUID' in crypto) return crypto.randomUUID();
  const bytes = (crypto as Crypto).getRandomValues(new Uint8Array(16)); // the check above narrows it to nothing
  const hex = [...bytes].map((byte, i) => {
    const marked = i === 6 ? (byte & 0x0f) | 0x40 : i === 8 ? (byte & 0x3f) | 0x80 : byte;
    return (marked + 0x100).toString(16).slice(1) + ([3, 5, 7, 9].includes(i) ? '-' : '');
  });
  return hex.join('');
}

const me = newId();

/** Milliseconds of work after which others get their turn. */
const BREATH = 8;
let breathed = 0;

/** Lets what is drawn, pressed or typed come first, every few milliseconds; a page that is never idle waits no longer than this (ms). */
const LONGEST_WAIT = 250;
async function breathe(): Promise<void> {
  if (performance.now() - breathed < BREATH) return;
  await new Promise<void>((resolve) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: LONGEST_WAIT });
    else setTimeout(resolve, 0);
  });
  breathed = performance.now();
}

const files = privateFiles(DATABASE);
const second = files && secondHome(files, me, Date.now);

const MENDED =
  'The browser had lost what it kept here. It is back from the second copy that Sprindle keeps; have a look whether all of it is there.';
const inTwoHomes = (first: KeyValue) => second && twoHomes(first, second, () => store.say(MENDED));

const database: KeyValue = createAsyncStorage(DATABASE);
const homes = inTwoHomes(database);

/** The one store of the running application. */
export const store = createWorkspaceStore({
  repository: repository(
    homes ?? database,
    () => {
      const again = reopened(DATABASE);
      return inTwoHomes(again) ?? again;
    },
    breathe,
  ),
  now: session.now,
  lastWords: lastWords(() => localStorage, `sprindle.${session.space}.unwritten.`, me),
  tabs: otherTabs(session.space, me),
  trace: trace(`sprindle.${session.space}.stored`),
});

document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') store.leave();
});
window.addEventListener('pagehide', () => store.leave());
window.addEventListener('beforeunload', (event) => {
  if (store.getState().unsaved !== null && !store.isReadOnly()) event.preventDefault();
});

careForRoom(store, homes);

/** A part of the store's state, in a component. */
export const useStore = <T>(select: (state: StoreState) => T): T => useZustand(store, select);

/** The workspace as it is shown, what is tried out included, where nothing is drawn; state/shown.tsx has it for components. */
export const currentWorkspace = (): Workspace => shownOf(store.getState());

/** The workspace that counts, without what is tried out. */
export const realWorkspace = (): Workspace => store.getState().workspace;
