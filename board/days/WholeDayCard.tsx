import { View, type ViewStyle } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import { hueOfEvent } from '@/core/plan/lens';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { movingEvent } from '../drag/dragStore';
import { useDragItem } from '../drag/useDragItem';
import { useDrift } from '../seal/useDrift';
import { openPanel } from '@/ui/panels';
import { removeAsking } from '@/actions/events';
import { Words } from '@/ui/Words';

type Props = { event: Occurrence; words: string; className: string; style?: ViewStyle };

/** An event that takes whole days. It goes to other days like a block goes to other hours. */
export function WholeDayCard({ event, words, className, style }: Props) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const open = () => openPanel({ kind: 'meeting', meeting: event });
  const drift = useDrift('meeting', event.id, dateOf(event.from, zone));
  const { props, lifted } = useDragItem(movingEvent(event), dateOf(event.from, zone), open, {
    Delete: () => void removeAsking(event),
  });
  return (
    <View
      {...props}
      aria-label={[words, drift?.words].filter(Boolean).join(', ')}
      className={`hue-${hueOfEvent(event, workspace)} cursor-grab touch-manipulation select-none justify-center border ${event.busy ? 'cut-corner border-edge bg-surface' : 'border-dashed border-edge'} ${lifted ? 'opacity-50' : ''} ${className}`}
      style={style}
    >
      <Words size="xs" numberOfLines={1}>
        {drift ? `${drift.change === 'added' ? '◆' : '◇'} ` : ''}
        {words}
        {event.busy ? '' : ' · free'}
      </Words>
    </View>
  );
}
