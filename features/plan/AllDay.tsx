import { View } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import { WholeDayCard } from './WholeDayCard';

/** What takes the whole day, above its hours. */
export function AllDay({ events }: { events: readonly Occurrence[] }) {
  if (events.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {events.map((event) => (
        <WholeDayCard
          key={event.id}
          event={event}
          words={`All day · ${event.title}`}
          className="min-h-[32px] px-3"
        />
      ))}
    </View>
  );
}
