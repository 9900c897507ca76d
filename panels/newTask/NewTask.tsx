import { useState } from 'react';
import { View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import type { Due, Priority } from '@/core/model/task';
import { dueText } from '@/core/tasks/dueWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/workspaceStore';
import { Field } from '@/ui/Field';
import { readDue, readEstimate, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { add } from '@/actions/tasks';
import { ListChoice, PriorityChoice } from '../parts/choices';

/** Adds one task after the other: Enter in the title adds it with what is said below, and the sheet stays open. */
export function NewTask() {
  const { lists, settings } = useWorkspace();
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
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Estimate"
            text={estimate === null ? '' : durationWords(estimate)}
            read={readEstimate}
            onSave={setEstimate}
            placeholder="1h30"
          />
        </View>
        <View className="flex-[1.6]">
          <Field
            label="Due"
            text={dueText(due, settings.clock)}
            read={readDue}
            onSave={setDue}
            placeholder="fri 14:00"
          />
        </View>
      </View>
      <PriorityChoice value={priority} onChoose={setPriority} />
      <ListChoice value={listId} onChoose={setListId} />
    </View>
  );
}
