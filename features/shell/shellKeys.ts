import { useRouter } from 'expo-router';
import { openBend } from '@/actions/bend';
import { useEffect } from 'react';
import { interruptOrGoBack } from '@/actions/interruptions';
import { stop } from '@/actions/tasks';
import { isTaken, isTyping, keyOf, keys } from '@/board/keyTable';
import { runningEntry } from '@/core/track/entries';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { isCovered, openPanel } from '@/ui/panels';
import { useAsked } from '@/ui/useDay';
import { places } from './places';

/** Ctrl or ⌘ with Z undoes, with Shift or with Y it redoes; in a text field the keys belong to the field. */
function onUndoKeys(event: KeyboardEvent) {
  if (!(event.ctrlKey || event.metaKey) || isTyping(event)) return;
  const key = event.key.toLowerCase();
  if (key !== 'z' && key !== 'y') return;
  event.preventDefault();
  if (key === 'y' || event.shiftKey) store.redo();
  else store.undo();
}

/** The keys that do the same at every place. */
export function useShellKeys(): void {
  const router = useRouter();
  const asked = useAsked();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      onUndoKeys(event);
      if (isTaken(event)) return;
      const key = keyOf(event);
      const place = places[Number(key) - 1];
      const {
        bend,
        close,
        find,
        now,
        help,
        interrupt,
        newTask,
        opening,
        quick,
        said,
        stop: stopKey,
      } = keys.anywhere;
      if (key === help) openPanel({ kind: 'keys' });
      else if (isCovered()) return;
      else if (place) router.navigate(place.path);
      else if (key === said) openPanel({ kind: 'said' });
      else if (key === interrupt) interruptOrGoBack();
      else if (key === bend) openBend(asked().day);
      else if (key === now) router.navigate(location.pathname === '/now' ? '/today' : '/now');
      else if (key === opening) router.navigate('/opening');
      else if (key === close) router.navigate('/close');
      else if (key === find) openPanel({ kind: 'find' });
      else if (key === quick) openPanel({ kind: 'quick' });
      else if (key === newTask) openPanel({ kind: 'newTask' });
      else if (key === stopKey && runningEntry(currentWorkspace().entries)) stop();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, asked]);
}
