import { useState } from 'react';
import { View } from 'react-native';
import { inboxOn } from '@/core/tasks/inbox';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Empty } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { DecisionOn } from './DecisionOn';

/** The inbox, one thing at a time: what is decided leaves it, what is left comes again the next time. */
function Triage() {
  useWorkspace();
  const { today } = useMoment();
  const [left, setLeft] = useState<readonly string[]>([]);
  const [decided, setDecided] = useState(0);
  // what was decided counts at once, though all around it is drawn later: the next key belongs to the next thing
  const waiting = inboxOn(currentWorkspace(), today).filter(({ id }) => !left.includes(id));
  const [task] = waiting;
  const before = decided + left.length;
  if (!task)
    return (
      <Empty title={left.length === 0 ? 'The inbox is empty' : 'That was all'}>
        <Words tone="soft">
          {before === 0
            ? 'What is captured without a list or a date waits here until you say more about it.'
            : `${decided} decided${left.length > 0 ? `, ${left.length} left in the inbox` : ''}.`}
        </Words>
        <View className="flex-row">
          <Button label="Close" onPress={closePanel} />
        </View>
      </Empty>
    );
  const of = before + waiting.length;
  return (
    <View className="gap-4">
      <View className="gap-1.5">
        <Words tone="soft" aria-live="polite">
          {before + 1} of {of}
        </Words>
        <View aria-hidden className="h-1 w-full bg-sunken">
          <View className="h-1 bg-pine" style={{ width: `${(100 * (before + 1)) / of}%` }} />
        </View>
      </View>
      <DecisionOn
        key={task.id}
        task={task}
        onDecided={() => setDecided(decided + 1)}
        onLeft={() => setLeft([...left, task.id])}
      />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    triage: object;
  }
}

export const triage: Panel<Panels['triage']> = { useTitle: () => 'Inbox', Content: Triage };
