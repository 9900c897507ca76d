import { Pressable, View } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import { hueOfEvent } from '@/core/plan/lens';
import { useWorkspace } from '@/state/workspaceStore';
import { openSheet } from '@/ui/sheets';
import { Words } from '@/ui/Words';

/** What takes the whole day, above its hours. */
export function AllDay({ events }: { events: readonly Occurrence[] }) {
  const workspace = useWorkspace();
  if (events.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2">
      {events.map((event) => (
        <Pressable
          key={event.id}
          role="button"
          onPress={() => openSheet({ kind: 'meeting', meeting: event })}
          className={`hue-${hueOfEvent(event, workspace)} min-h-[32px] justify-center border px-3 ${event.busy ? 'cut-corner border-edge bg-surface' : 'border-dashed border-edge'}`}
        >
          <Words size="xs">
            All day · {event.title}
            {event.busy ? '' : ' · free'}
          </Words>
        </Pressable>
      ))}
    </View>
  );
}
