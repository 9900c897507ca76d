import { View } from 'react-native';
import { lastDone } from '@/state/steps';
import { store, useStore } from '@/state/workspaceStore';
import { IconButton } from './Button';

/** Undo and redo, named by what they would take back or do again. */
export function UndoButtons() {
  const back = useStore((state) => lastDone(state.trial ?? state)?.label);
  const again = useStore((state) => (state.trial ?? state).future.at(-1)?.label);
  return (
    <View className="flex-row">
      <IconButton
        label={back ? `Undo ${back}` : 'Nothing to undo'}
        icon="undo"
        disabled={!back}
        onPress={() => store.undo()}
        colour="ink-soft"
      />
      <IconButton
        label={again ? `Redo ${again}` : 'Nothing to redo'}
        icon="redo"
        disabled={!again}
        onPress={store.redo}
        colour="ink-soft"
      />
    </View>
  );
}
