import { categoriesOf } from '@/core/model/categories';
import { openLists } from '@/core/tasks/lists';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { Notes } from '../parts/Notes';
import { HoursPart } from './HoursPart';
import { Lines } from './Lines';
import type { Editing } from './editing';

/** A block of a kind: its hours, where its task belongs, and its steps. */
export function BlockPart({ template, edit }: Editing) {
  const { category = '', listId = '', notes = '', steps = [] } = template;
  const workspace = useWorkspace();
  return (
    <>
      <HoursPart template={template} edit={edit} />
      <Choice
        label="Its list"
        value={listId}
        onChoose={(to) => void edit({ listId: to === '' ? null : to })}
        options={[
          { value: '', name: 'The first' },
          ...openLists(workspace).map((list) => ({ value: list.id, name: list.name })),
        ]}
      />
      <Choice
        label="Its category"
        value={category}
        onChoose={(to) => void edit({ category: to === '' ? null : to })}
        options={[
          { value: '', name: 'As its list says' },
          ...categoriesOf(workspace).map((kind) => ({ value: kind.id, name: kind.name })),
        ]}
      />
      <Lines
        name="Steps"
        example="Pack the boxes 20m"
        items={steps}
        lineOf={({ title, estimate }) => ({ title, minutes: estimate })}
        itemOf={({ title, minutes = null }) => ({ title, estimate: minutes })}
        onChange={(to) => edit({ steps: to.length === 0 ? undefined : [...to] })}
      />
      <Notes text={notes} onSave={(to) => edit({ notes: to === '' ? undefined : to })} />
    </>
  );
}
