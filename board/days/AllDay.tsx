import { View } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import { useDropArea } from '../drag/areas';
import { WholeDayCard } from './WholeDayCard';

/** What takes a day whole, above its hours. */
export function AllDay({ date, events }: { date: string; events: readonly Occurrence[] }) {
  const { attach } = useDropArea({ kind: 'tray', date });
  if (events.length === 0) return null;
  return (
    <View ref={attach} className="flex-row flex-wrap gap-2">
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
