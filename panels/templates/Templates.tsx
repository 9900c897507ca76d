import { View } from 'react-native';
import { addTemplate, deleteTemplate, editTemplate } from '@/core/commands/templates';
import type { Template } from '@/core/model/template';
import { inRank } from '@/core/tasks/order';
import { asLine } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { IconButton } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import type { Panel, Panels } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { BlockPart } from './BlockPart';
import { DayPart } from './DayPart';
import type { Editing } from './editing';
import { MeetingPart } from './MeetingPart';
import { templateWords } from '../parts/templateWords';

/** How long a new template is, in minutes. */
const USUAL_LENGTH = 60;

/** What comes up again and again: blocks, meetings and whole days. */
export function Templates() {
  const all = inRank(useWorkspace().templates);
  return (
    <View className="gap-6">
      <Words tone="soft">
        A template is placed by typing its name into the quick line, with a day or without one: a block or a
        meeting goes to the first room within its hours, a day is laid out around what is there.
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

type Kind = 'block' | 'meeting' | 'day';

const kindOf = ({ meeting, day }: Template): Kind => (day ? 'day' : meeting ? 'meeting' : 'block');

/** What a template has that has just become one of a kind. */
const begun: Readonly<Record<Kind, Pick<Template, 'meeting' | 'day'>>> = {
  block: { meeting: undefined, day: undefined },
  meeting: { meeting: { location: '', calls: [], attendees: [] }, day: undefined },
  day: { meeting: undefined, day: { blocks: [], tray: [], intentions: [], checklist: [] } },
};

function TemplateRow({ template }: { template: Template }) {
  const { id, name } = template;
  const kind = kindOf(template);
  const edit: Editing['edit'] = (changes) => store.tryTo(editTemplate, { id, ...changes });
  const Part = { block: BlockPart, meeting: MeetingPart, day: DayPart }[kind];
  return (
    <View role="group" aria-label={`Template ${name}`} className="gap-3 border-l-4 border-line pl-3">
      <View className="flex-row items-end gap-2">
        <View className="flex-1">
          <Field label="Name" wraps text={name} read={readTitle} onSave={(to) => edit({ name: to })} />
        </View>
        <IconButton
          label={`Delete the template ${name}`}
          icon="remove"
          onPress={() => store.run(deleteTemplate, { id }, `Deleted the template ${name}`)}
        />
      </View>
      <Choice
        label={`Kind of ${name}`}
        hideLabel
        value={kind}
        onChoose={(to) => void edit(begun[to])}
        options={[
          { value: 'block', name: 'A block' },
          { value: 'meeting', name: 'A meeting' },
          { value: 'day', name: 'A day' },
        ]}
      />
      <Words size="xs" tone="soft">
        {asLine(templateWords(template))}
      </Words>
      <Part template={template} edit={edit} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    templates: object;
  }
}

export const templates: Panel<Panels['templates']> = {
  useTitle: () => 'Templates',
  Content: Templates,
};
