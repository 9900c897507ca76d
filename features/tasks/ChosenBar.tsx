import { View } from 'react-native';
import { removeAll, tickAll } from '@/actions/inbox';
import type { Id } from '@/core/model/common';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

type Props = {
  ids: readonly Id[];
  /** Chooses all that are shown. */
  onAll: () => void;
  onEnd: () => void;
};

/** What can be done with all tasks that are chosen, each in one step. */
export function ChosenBar({ ids, onAll, onEnd }: Props) {
  const none = ids.length === 0;
  return (
    <View
      role="region"
      aria-label="What is chosen"
      className="flex-row flex-wrap items-center gap-2 border-t border-line bg-surface px-4 py-2"
    >
      <Words face="strong" aria-live="polite">
        {ids.length} chosen
      </Words>
      <Button
        label="Change…"
        kind="primary"
        disabled={none}
        onPress={() => openPanel({ kind: 'several', ids, onChanged: onEnd })}
      />
      <Button label="Later…" disabled={none} onPress={() => openPanel({ kind: 'later', ids })} />
      <Button label="Take out…" disabled={none} onPress={() => openPanel({ kind: 'tasksOut', ids })} />
      <Button label="Done" disabled={none} onPress={() => tickAll(ids) && onEnd()} />
      <Button label="Delete" kind="danger" disabled={none} onPress={() => removeAll(ids) && onEnd()} />
      <Button label="All of these" kind="quiet" onPress={onAll} />
      <Button label="Stop choosing" kind="quiet" onPress={onEnd} />
    </View>
  );
}
