import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import { isSamePace, paceFrom, paceWords } from '@/core/estimates/pace';
import type { Pace } from '@/core/model/pace';
import { useHabits } from '@/panels/parts/useHabits';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { CheckBox } from '@/ui/CheckBox';
import { useMoment } from '@/ui/clock';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';

const count = (pace: Pace | null) =>
  store.run(
    changeSettings,
    { pace },
    pace ? 'Loads count what things really take' : 'Loads count estimates as they are',
  );

/** Whether loads and what fits count with estimates as they are, or with what such work really takes. */
export function Counting() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { pace } = workspace.settings;
  const habits = useHabits();
  const fresh = habits && paceFrom(habits, now);
  return (
    <Part title="What is counted">
      <CheckBox
        label="Count with what things really take"
        checked={pace !== null}
        onToggle={() => {
          if (pace) count(null);
          else if (fresh) count(fresh);
          else
            store.say(
              habits
                ? 'From the fifth finished task with an estimate and time on record on.'
                : 'Your record is still being gone through.',
              'problem',
            );
        }}
      />
      <Words tone="soft">
        {pace
          ? paceWords(workspace, pace, zone)
          : 'Loads of days, what is short before a deadline, what fits into free time, and how long a block is when a task is placed go by your estimates now. With this they go by what such work really takes, and say so.'}
      </Words>
      {pace && fresh && !isSamePace(pace, fresh) && (
        <View className="gap-1">
          <Words tone="soft">{paceWords(workspace, fresh, zone)}</Words>
          <View className="flex-row">
            <Button label="Take the present figures" onPress={() => count(fresh)} />
          </View>
        </View>
      )}
    </Part>
  );
}
