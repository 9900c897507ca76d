import { useState } from 'react';
import { View } from 'react-native';
import { inRank } from '@/core/tasks/order';
import { Due, Priority } from '@/core/model/task';
import * as z from '@/core/zod';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { draftOf, keepDraft } from '@/ui/drafts';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { add } from '@/actions/tasks';
import { ListChoice, PriorityChoice } from '../parts/choices';
import { EstimateAndDue } from '../parts/EstimateAndDue';
import { closePanel, type Panel, type Panels } from '@/ui/panels';

const Draft = z.object({
  listId: z.string(),
  estimate: z.nullable(z.number()),
  due: z.nullable(Due),
  priority: Priority,
});
type Draft = z.infer<typeof Draft>;

/** The fields below the title are a draft of their own; the title keeps itself. */
const FIELDS = 'New task, its fields';
const TITLE = 'Title';

function draft(): Draft | null {
  try {
    return Draft.parse(JSON.parse(draftOf(FIELDS)));
  } catch {
    return null;
  }
}

/**
 * Adds one task after the other: Enter in the title adds it with the fields below, and the panel stays open. What is left
 * stays as a draft; only “Discard” discards.
 */
export function NewTask() {
  const { lists } = useWorkspace();
  const blank: Draft = { listId: inRank(lists)[0]?.id ?? '', estimate: null, due: null, priority: 'normal' };
  const [fields, setFields] = useState(() => draft() ?? blank);
  const change = (changes: Partial<Draft>) => {
    const next = { ...fields, ...changes };
    setFields(next);
    keepDraft(FIELDS, JSON.stringify(next));
  };
  const { estimate, due, priority } = fields;
  const listId = lists.has(fields.listId) ? fields.listId : blank.listId;
  const discard = () => {
    keepDraft(FIELDS, '');
    keepDraft(TITLE, '');
    closePanel();
  };
  return (
    <View className="gap-4">
      <Field
        label={TITLE}
        text=""
        read={readTitle}
        adding
        focusFirst
        placeholder="Check gauge readings"
        onSave={(title) => add({ title, listId, estimate, due, priority })}
      />
      <Words size="xs" tone="soft">
        Enter in the title adds the task with what stands below. What you leave stays here.
      </Words>
      <EstimateAndDue
        estimate={estimate}
        due={due}
        onEstimate={(to) => change({ estimate: to })}
        onDue={(to) => change({ due: to })}
      />
      <PriorityChoice value={priority} onChoose={(to) => change({ priority: to })} />
      <ListChoice value={listId} onChoose={(to) => change({ listId: to })} />
      <View className="flex-row">
        <Button label="Discard" onPress={discard} />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    newTask: object;
  }
}

export const newTask: Panel<Panels['newTask']> = { useTitle: () => 'New task', Content: NewTask };
