import { View } from 'react-native';
import { tickOn } from '@/core/commands/days';
import { itemsOn } from '@/core/plan/routines';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { CheckBox } from '@/ui/CheckBox';
import { Words } from '@/ui/Words';

type TicksProps = { date: string; lines: readonly { readonly id: string; readonly text: string }[] };

/** Lines that are ticked day by day. */
export function DayTicks({ date, lines }: TicksProps) {
  const ticked = useWorkspace().days.get(date)?.ticked ?? [];
  return (
    <View>
      {lines.map(({ id, text }) => (
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

type Props = { date: string; at: 'opening' | 'close' };

/** The checklist of one's own for a day. */
export function DayChecklist({ date, at }: Props) {
  const items = itemsOn(useWorkspace(), date, at);
  if (items.length === 0)
    return (
      <Words tone="soft">
        The checklist is empty. Settings, under Opening, close and weekly review, takes its lines, each for
        the weekdays that you say.
      </Words>
    );
  return <DayTicks date={date} lines={items} />;
}
