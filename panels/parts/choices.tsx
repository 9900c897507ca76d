import { openLists } from '@/core/tasks/lists';
import { Pressable, View } from 'react-native';
import { priorities } from '@/core/tasks/order';
import type { Id } from '@/core/model/common';
import type { Priority } from '@/core/model/task';

import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { Icon } from '@/ui/icons';
import { tabStop } from '@/ui/choiceKeys';
import { Words } from '@/ui/Words';

export const priorityNames: Record<Priority, string> = {
  urgent: 'Urgent',
  high: 'High',
  normal: 'Normal',
  low: 'Low',
};

type PriorityChoiceProps = { value: Priority; onChoose: (priority: Priority) => void };

export const PriorityChoice = ({ value, onChoose }: PriorityChoiceProps) => (
  <Choice
    label="Priority"
    value={value}
    onChoose={onChoose}
    options={priorities.map((p) => ({ value: p, name: priorityNames[p] }))}
  />
);

/** Chooses a list, each with its icon and hue. */
export function ListChoice({ value, onChoose }: { value: Id; onChoose: (listId: Id) => void }) {
  const lists = openLists(useWorkspace());
  return (
    <View className="gap-1">
      <Words size="xs" tone="soft">
        List
      </Words>
      <View role="radiogroup" aria-label="List" className="flex-row flex-wrap gap-2">
        {lists.map(({ id, name, hue, icon }, i) => (
          <Pressable
            key={id}
            role="radio"
            aria-checked={id === value}
            tabIndex={tabStop(id === value, i === 0 && !lists.some((list) => list.id === value))}
            onPress={() => onChoose(id)}
            className={`hue-${hue} min-h-[44px] flex-row items-center gap-2 border-b-2 px-2 ${id === value ? 'border-edge bg-fill' : 'border-transparent hover:border-line'}`}
          >
            <Icon name={icon} size={16} colour="edge" />
            <Words face={id === value ? 'strong' : 'text'}>{name}</Words>
          </Pressable>
        ))}
      </View>
    </View>
  );
}
