import { usualList } from '@/core/tasks/lists';
import { add } from '@/actions/tasks';
import { useWorkspace } from '@/state/shown';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import type { Shelf } from './ListFilter';

/** Adds a task by its title: to the list that is shown, else to the inbox. */
export function AddTask({ shelf }: { shelf: Shelf }) {
  const workspace = useWorkspace();
  const { lists } = workspace;
  const listId = typeof shelf === 'object' ? shelf.listId : null;
  const where = listId === null ? 'the inbox' : (lists.get(listId)?.name ?? 'the list');
  const first = usualList(workspace).id;
  return (
    <Field
      label={`Add to ${where}`}
      hideLabel
      text=""
      read={readTitle}
      adding
      placeholder={`Add to ${where} and press Enter`}
      onSave={(title) => add(listId === null ? { title, listId: first, inbox: true } : { title, listId })}
    />
  );
}
