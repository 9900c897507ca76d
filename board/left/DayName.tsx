import { View } from 'react-native';
import { dateWords, weekdayWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';

/** The name of a day beside a bar of it; a screen reader hears the figures that the bar shows. */
export function DayName({ date, figures }: { date: string; figures: string }) {
  const { settings } = useWorkspace();
  return (
    <View className="w-9">
      <Words size="xs">
        <Words size="xs" className="sr-only">
          {dateWords(date, settings)}: {figures}
        </Words>
        <Words size="xs" aria-hidden>
          {weekdayWords(date)}
        </Words>
      </Words>
    </View>
  );
}
