import { useRouter } from 'expo-router';
import { Pressable, View } from 'react-native';
import { gistOf, isWritten, pageOf } from '@/core/weekly/pages';
import { weekOf } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** The way to the page of a week that has begun, with what it says first. */
export function WeekPageLine({ date }: { date: string }) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const router = useRouter();
  const week = weekOf(date, workspace.settings.weekStart);
  if (week > today) return null;
  const page = pageOf(workspace, week);
  const written = page && isWritten(page) ? gistOf(page) : '';
  return (
    <Pressable
      role="button"
      onPress={() => router.navigate({ pathname: '/weekly', params: { day: week } })}
      className="min-h-[28px] shrink flex-row items-center gap-1.5 hover:bg-surface"
    >
      <Words size="xs" tone="pine">
        Weekly review{written === '' ? '' : ':'}
      </Words>
      {written !== '' && (
        <View className="shrink">
          <Words size="xs" numberOfLines={1}>
            {written}
          </Words>
        </View>
      )}
    </Pressable>
  );
}
