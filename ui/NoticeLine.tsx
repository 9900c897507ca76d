import { useEffect } from 'react';
import { View } from 'react-native';
import { store, useStore } from '@/state/workspaceStore';
import { Button, IconButton } from './Button';
import { later, useUpdate } from './updates';
import { exportWorkspace } from './files/workspaceFiles';
import { useWide } from './useWide';
import { Words } from './Words';

const SHOWN_FOR = 6000;

/** The last notice, for a while; a problem stays until it is closed. */
export function NoticeLine() {
  const notice = useStore((state) => state.notice);
  const wide = useWide();
  useEffect(() => {
    if (!notice || notice.tone === 'problem') return;
    const timer = setTimeout(store.hush, SHOWN_FOR);
    return () => clearTimeout(timer);
  }, [notice]);
  const undo = () => {
    store.hush();
    store.undo();
  };
  const take = () => {
    store.hush();
    notice?.offer?.press();
  };
  const last = useStore(({ past }) => past.at(-1));
  return (
    <View
      role="status"
      aria-live="polite"
      className={`absolute z-50 ${wide ? 'bottom-5 right-5 w-[400px]' : 'bottom-[140px] left-3 right-3'}`}
      style={{ pointerEvents: 'box-none' }}
    >
      {notice && (
        <View
          className={`flex-row items-center gap-2 rounded-lg border bg-surface py-1 pl-3.5 pr-1 shadow-md ${notice.tone === 'problem' ? 'border-brick' : 'border-ink-soft'}`}
        >
          <View className="flex-1 py-1.5">
            <Words tone={notice.tone === 'problem' ? 'brick' : 'ink'}>{notice.text}</Words>
          </View>
          {notice.offer && <Button label={notice.offer.label} kind="quiet" onPress={take} />}
          {notice.undoable && last && (
            <Button label="Undo" says={`Undo ${last.label}`} kind="quiet" onPress={undo} />
          )}
          <IconButton label="Close this notice" icon="close" onPress={store.hush} />
        </View>
      )}
    </View>
  );
}

/** Says that nothing is being saved, for as long as it is so. */
export function UnsavedLine() {
  const unsaved = useStore((state) => state.unsaved);
  if (!unsaved) return null;
  return (
    <View role="alert" className="gap-2 border-b border-brick bg-brick-pale px-4 py-2">
      <Words tone="brick" face="strong">
        {unsaved}
      </Words>
      <View className="flex-row">
        <Button label="Export everything now" kind="danger" onPress={exportWorkspace} />
      </View>
    </View>
  );
}

/** Offers a new version of the program. */
export function UpdateLine() {
  const take = useUpdate((state) => state.take);
  if (!take) return null;
  return (
    <View
      role="status"
      className="flex-row flex-wrap items-center gap-2 border-b border-line bg-surface px-4 py-2"
    >
      <Words face="strong">A new version of Sprindle is ready.</Words>
      <Button label="Use it now" kind="primary" onPress={take} />
      <Button label="Later" kind="quiet" onPress={later} />
    </View>
  );
}
