import { useState } from 'react';
import { View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import type { Due, Priority } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { add } from '@/actions/tasks';
import { ListChoice, PriorityChoice } from '../parts/choices';
import { EstimateAndDue } from '../parts/EstimateAndDue';
import type { Panel, Panels } from '@/ui/panels';

/** Adds one task after the other: Enter in the title adds it with the fields below, and the panel stays open. */
export function NewTask() {
  const { lists } = useWorkspace();
  const [listId, setListId] = useState(inRank(lists)[0]?.id ?? '');
  const [estimate, setEstimate] = useState<number | null>(null);
  const [due, setDue] = useState<Due | null>(null);
  const [priority, setPriority] = useState<Priority>('normal');
  return (
    <View className="gap-4">
      <Field
        label="Title"
        text=""
        read={readTitle}
        adding
        focusFirst
        placeholder="Check gauge readings"
        onSave={(title) => add({ title, listId, estimate, due, priority })}
      />
      <Words size="xs" tone="soft">
        Enter in the title adds the task with what stands below.
      </Words>
      <EstimateAndDue estimate={estimate} due={due} onEstimate={setEstimate} onDue={setDue} />
      <PriorityChoice value={priority} onChoose={setPriority} />
      <ListChoice value={listId} onChoose={setListId} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    newTask: object;
  }
}

export const newTask: Panel<Panels['newTask']> = { useTitle: () => 'New task', Content: NewTask };
