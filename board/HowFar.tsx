import { View } from 'react-native';
import type { Progress, Rest } from '@/core/review/progress';
import { clockWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

type Props = { of: string; progress: Progress; rest?: Rest | undefined };

/** How far the planned work of a day or a week is, in words and as a bar; of today also by what hour the rest ends. */
export function ProgressLine({ of, progress: { done, left }, rest }: Props) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const all = done + left;
  if (all === 0) return null;
  const ends = rest && rest.ends > 0 ? `the rest ends ${clockWords(rest.ends, zone, clock)}` : '';
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
