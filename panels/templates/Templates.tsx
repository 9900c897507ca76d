import { View } from 'react-native';
import { addTemplate, deleteTemplate, editTemplate } from '@/core/commands/templates';
import { categoriesOf } from '@/core/model/categories';
import type { BlockTemplate } from '@/core/model/template';
import { openLists } from '@/core/tasks/lists';
import { inRank } from '@/core/tasks/order';
import { clockOf, minutesOfClock } from '@/core/time/wall';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readLength, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import type { Panel, Panels } from '@/ui/panels';
import { TimeField } from '../parts/TimeField';

/** How long a new template is, in minutes, and the hours that it gets when some are asked for. */
const USUAL_LENGTH = 60;
const MORNING = { from: '09:00', to: '12:00' };

/** Blocks that come up again and again: name, length, hours, list and category. */
export function Templates() {
  const all = inRank(useWorkspace().templates);
  return (
    <View className="gap-6">
      <Words tone="soft">
        A template is placed by typing its name into the quick line, with a day or without one: it goes to the
        first room within its hours.
      </Words>
      {all.map((template) => (
        <TemplateRow key={template.id} template={template} />
      ))}
      <Field
        label="New template"
        text=""
        read={readTitle}
        adding
        placeholder="Gauge round"
        onSave={(name) => store.tryTo(addTemplate, { id: newId(), name, minutes: USUAL_LENGTH, hours: null })}
      />
    </View>
  );
}

function TemplateRow({ template }: { template: BlockTemplate }) {
  const { id, name, minutes, hours, category = '', listId = '' } = template;
  const workspace = useWorkspace();
  const edit = (changes: Omit<Parameters<typeof editTemplate.apply>[1], 'id'>) =>
    store.tryTo(editTemplate, { id, ...changes });
  return (
    <View role="group" aria-label={`Template ${name}`} className="gap-2 border-l-4 border-line pl-3">
      <View className="flex-row items-end gap-2">
        <View className="flex-1">
          <Field label="Name" wraps text={name} read={readTitle} onSave={(to) => edit({ name: to })} />
        </View>
        <View className="w-24">
          <Field
            label="Length"
            text={durationWords(minutes)}
            read={readLength}
            onSave={(to) => edit({ minutes: to })}
          />
        </View>
        <IconButton
          label={`Delete the template ${name}`}
          icon="remove"
          onPress={() => store.run(deleteTemplate, { id }, `Deleted the template ${name}`)}
        />
      </View>
      {hours ? (
        <View className="flex-row items-end gap-2">
          <View className="flex-1">
            <TimeField
              label="Best from"
              value={minutesOfClock(hours.from)}
              onChange={(from) => edit({ hours: { ...hours, from: clockOf(from) } })}
            />
          </View>
          <View className="flex-1">
            <TimeField
              label="Best until"
              value={minutesOfClock(hours.to)}
              onChange={(to) => edit({ hours: { ...hours, to: clockOf(to) } })}
            />
          </View>
          <Button
            label="Any hours"
            says={`Any hours for ${name}`}
            kind="quiet"
            onPress={() => void edit({ hours: null })}
          />
        </View>
      ) : (
        <View className="flex-row">
          <Button
            label="Give it hours"
            says={`Give it hours: ${name}`}
            kind="quiet"
            onPress={() => void edit({ hours: MORNING })}
          />
        </View>
      )}
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
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    templates: object;
  }
}

export const templates: Panel<Panels['templates']> = {
  useTitle: () => 'Block templates',
  Content: Templates,
};
