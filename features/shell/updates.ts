import { Workbox } from 'workbox-window';
import { create } from 'zustand';
import { store } from '@/state/workspaceStore';

/** What takes a new version into use, when one waits. */
export const useUpdate = create<{ take: (() => void) | null }>(() => ({ take: null }));

export const later = () => useUpdate.setState({ take: null });

/**
 * Keeps the application for use without a network, and offers new versions. A new version waits until the person takes
 * it: nothing is reloaded in the middle of work.
 */
export function keepOffline(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const worker = new Workbox('/sw.js');
  // what cannot be saved would be lost by a reload
  const reload = () =>
    void store.flush().then(() => {
      if (store.getState().unsaved === null) location.reload();
      else
        store.say(
          'Changes are not saved yet: export them, or make room, before you take the new version.',
          'problem',
        );
    });
  // the first version of all is no update, however long it takes to begin
  let controlled = navigator.serviceWorker.controller !== null;
  worker.addEventListener('waiting', () => {
    if (!controlled) return;
    useUpdate.setState({
      take: () => {
        worker.addEventListener('controlling', reload);
        worker.messageSkipWaiting();
      },
    });
  });
  // another tab has taken it
  worker.addEventListener('controlling', ({ isExternal }) => {
    if (isExternal && controlled) useUpdate.setState({ take: reload });
    controlled = true;
  });
  void worker.register();
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible' && navigator.onLine) void worker.update();
  });
}
