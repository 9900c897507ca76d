import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { store, useStore } from '@/state/workspaceStore';
import { acceptDroppedFiles } from './files/chooseFile';
import { Navigation } from './Navigation';
import { NoticeLine, UnsavedLine, UpdateLine } from './NoticeLine';
import { SheetHost } from './SheetHost';
import { useWide } from './useWide';

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
  const opening = useStore((state) => state.opening);
  const theme = useStore(({ workspace }) => workspace.settings.theme);
  useEffect(acceptDroppedFiles, []);
  useEffect(() => {
    window.addEventListener('keydown', onUndoKeys);
    return () => window.removeEventListener('keydown', onUndoKeys);
  }, []);
  useEffect(() => {
    document.documentElement.classList.toggle('light', theme === 'light');
    document.documentElement.classList.toggle('dark', theme === 'dark');
  }, [theme]);
  return (
    <View className={`flex-1 bg-ground ${wide ? 'flex-row-reverse' : ''}`}>
      <View className="flex-1">
        <UnsavedLine />
        <UpdateLine />
        {!opening && children}
      </View>
      <Navigation />
      <NoticeLine />
      <SheetHost />
    </View>
  );
}
