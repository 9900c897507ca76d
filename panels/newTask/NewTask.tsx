import { usualList } from '@/core/tasks/lists';
import { View } from 'react-native';
import { Controller, useWatch } from 'react-hook-form';
import { Due, Priority, type TaskList } from '@/core/model/task';
import * as z from '@/core/zod';
import { useWorkspace } from '@/state/shown';
import { FormField, useDraftForm } from '@/ui/form';
import { readName } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { add } from '@/actions/tasks';
import { ListChoice, PriorityChoice } from '../parts/choices';
import { FormButtons } from '../parts/FormButtons';
import { EstimateAndDue } from '../parts/EstimateAndDue';
import { type Panel, type Panels } from '@/ui/panels';

const fields = z.object({
  title: z.string(),
  listId: z.string(),
  estimate: z.nullable(z.number()),
  due: z.nullable(Due),
  priority: Priority,
});
const newTaskForm = {
  name: 'New task',
  fields,
  whole: fields.check(
    z.refine(({ title }) => title !== '', { message: 'A title is needed.', path: ['title'] }),
  ),
};

const kindOf = (list: TaskList | undefined) => (list?.category ? { category: list.category } : {});

/**
 * Adds one task after the other: Enter in the title adds it with the fields below, and the panel stays open. What is left
 * stays as a draft; only “Discard” discards.
 */
export function NewTask() {
  const workspace = useWorkspace();
  const { lists } = workspace;
  const firstId = usualList(workspace).id;
  const blank = { title: '', listId: firstId, estimate: null, due: null, priority: 'normal' } as const;
  const { control, handleSubmit, setValue, discard } = useDraftForm(newTaskForm, blank);
  const { title = '', listId = firstId, estimate, due } = useWatch({ control });
  const send = handleSubmit((made) => {
    const listId = lists.has(made.listId) ? made.listId : firstId;
    // the next one has the same fields to begin with
    if (add({ ...made, listId })) setValue('title', '');
  });
  const submit = () => void send();
  return (
    <View className="gap-4">
      <FormField
        control={control}
        name="title"
        label="Title"
        wraps
        text={(title) => title}
        read={readName}
        focusFirst
        placeholder="Check gauge readings"
        onEnter={submit}
      />
      <Words size="xs" tone="soft">
        Enter in the title adds the task with what stands below. What you leave stays here.
      </Words>
      <EstimateAndDue
        {...(title === '' ? {} : { of: { id: '', title, listId, ...kindOf(lists.get(listId)) } })}
        estimate={estimate ?? null}
        due={due?.date === undefined ? null : { date: due.date, time: due.time ?? null }}
        onEstimate={(to) => setValue('estimate', to)}
        onDue={(to) => setValue('due', to)}
      />
      <Controller
        control={control}
        name="priority"
        render={({ field: { value, onChange } }) => <PriorityChoice value={value} onChoose={onChange} />}
      />
      <Controller
        control={control}
        name="listId"
        render={({ field: { value, onChange } }) => (
          <ListChoice value={lists.has(value) ? value : firstId} onChoose={onChange} />
        )}
      />
      <FormButtons label="Add" says="Add the task" onSubmit={submit} discard={discard} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    newTask: object;
  }
}

export const newTask: Panel<Panels['newTask']> = { useTitle: () => 'New task', Content: NewTask };
