import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { useOpening } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { DragLayer } from '@/board/drag/DragLayer';
import { acceptDroppedFiles } from '@/actions/files/chooseFile';
import { Navigation } from './Navigation';
import { NoticeLine, UnsavedLine, UpdateLine } from './NoticeLine';
import { PanelHost } from '@/ui/PanelHost';
import { listenToChoices } from '@/ui/choiceKeys';
import { MomentProvider } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useStarted } from './started';
import { useTheme } from './theme';
import { TravelLine } from './TravelLine';
import { useWide } from '@/ui/useWide';

/** A question mark lists all keys; in a text field it is a question mark. */
function onHelpKey(event: KeyboardEvent) {
  const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
  if (event.key === '?' && !typing) openPanel({ kind: 'keys' });
}

/** Ctrl or ⌘ with Z undoes, with Shift or with Y it redoes; in a text field the keys belong to the field. */
function onUndoKeys(event: KeyboardEvent) {
  if (
    !(event.ctrlKey || event.metaKey) ||
    event.target instanceof HTMLInputElement ||
    event.target instanceof HTMLTextAreaElement
  )
    return;
  const key = event.key.toLowerCase();
  if (key !== 'z' && key !== 'y') return;
  event.preventDefault();
  if (key === 'y' || event.shiftKey) store.redo();
  else store.undo();
}

/** What is around every screen: the places, notices, sheets, dropped files, the colours of day or night. */
export function Shell({ children }: { children: ReactNode }) {
  const wide = useWide();
  const opening = useOpening();
  useStarted(!opening);
  useTheme();
  useEffect(acceptDroppedFiles, []);
  useEffect(listenToChoices, []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      onUndoKeys(event);
      onHelpKey(event);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <MomentProvider>
      <View className={`flex-1 bg-ground ${wide ? 'flex-row-reverse' : ''}`}>
        <View className="flex-1">
          <UnsavedLine />
          <UpdateLine />
          <TravelLine />
          {!opening && children}
        </View>
        <Navigation />
        <NoticeLine />
        <PanelHost />
        <DragLayer />
      </View>
    </MomentProvider>
  );
}
