import { View } from 'react-native';
import { tickOn } from '@/core/commands/days';
import { itemsOn } from '@/core/plan/routines';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { CheckBox } from '@/ui/CheckBox';
import { Words } from '@/ui/Words';

type Props = { date: string; at: 'opening' | 'close' };

/** The checklist of one's own for a day. */
export function DayChecklist({ date, at }: Props) {
  const workspace = useWorkspace();
  const items = itemsOn(workspace, date, at);
  const ticked = workspace.days.get(date)?.ticked ?? [];
  if (items.length === 0)
    return (
      <Words tone="soft">
        The checklist is empty. Settings, under Opening, close and weekly review, takes its lines, each for
        the weekdays that you say.
      </Words>
    );
  return (
    <View>
      {items.map(({ id, text }) => (
        <CheckBox
          key={id}
          label={text}
          checked={ticked.includes(id)}
          onToggle={() => store.run(tickOn, { date, item: id })}
        />
      ))}
    </View>
  );
}
