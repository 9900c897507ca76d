import { View } from 'react-native';
import { dayProgress, restOfDay, weekProgress, type Progress, type Rest } from '@/core/review/progress';
import { clockWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { of: string; progress: Progress; rest?: Rest | undefined };

/** How far the planned work of today and of its week is, a line each. */
export function HowFar() {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  return (
    <>
      <Line
        of="Today"
        progress={dayProgress(workspace, today, zone, now)}
        rest={restOfDay(workspace, zone, now)}
      />
      <Line of="This week" progress={weekProgress(workspace, today, zone, now)} />
    </>
  );
}

/** One of them in words and as a bar; of today also by what hour the rest ends. */
function Line({ of, progress: { done, left }, rest }: Props) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const all = done + left;
  if (all === 0) return null;
  const ends = rest ? `the rest ends ${clockWords(rest.ends, zone, clock)}` : '';
  const over = rest && rest.over > 0 ? `${durationWords(rest.over)} does not fit` : '';
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap justify-between gap-x-2">
        <Words face="strong">
          {of}: {durationWords(done)} of {durationWords(all)} done
        </Words>
        <Words tone={over ? 'brick' : 'soft'}>
          {[left > 0 ? `${durationWords(left)} left` : 'nothing left', left > 0 ? ends : '', over]
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </View>
      <View aria-hidden className="h-2 w-full bg-sunken">
        <View className="h-2 bg-leaf" style={{ width: `${(100 * done) / all}%` }} />
      </View>
    </View>
  );
}
