import { View } from 'react-native';
import { linesLeft, ownRoutinesOn } from '@/core/plan/routines';
import { timeWords } from '@/core/time/words';
import { DayTicks } from '@/panels/parts/DayChecklist';
import { useWorkspace } from '@/state/shown';
import { Subheading, Words } from '@/ui/Words';

/** The routines of one's own that the day has, each with its lines to tick. */
export function OwnRoutines({ today }: { today: string }) {
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  return ownRoutinesOn(workspace, today).map(({ id, name, time, lines }) => {
    const left = linesLeft(workspace, lines, today).length;
    const about = [
      ...(time === null ? [] : [timeWords(time, clock)]),
      left > 0 ? `${left} left` : 'all ticked',
    ];
    return (
      <View key={id} role="group" aria-label={`Routine: ${name}`}>
        <View className="flex-row items-baseline justify-between gap-2">
          <Subheading>{name}</Subheading>
          <Words size="xs" tone="soft">
            {about.join(' · ')}
          </Words>
        </View>
        <DayTicks date={today} lines={lines} />
      </View>
    );
  });
}
