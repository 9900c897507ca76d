import { Pressable, View } from 'react-native';
import type { Segment } from '@/core/plan/spanning';
import { hueOfEvent } from '@/core/plan/lens';
import { useWorkspace } from '@/state/workspaceStore';
import { openSheet } from '@/ui/sheets';
import { Words } from '@/ui/Words';

const ROW = 26;
/** So many rows are in sight; how many more there are is said. */
const MOST_ROWS = 4;

/** Events of whole days, drawn across the days that they take. */
export function AcrossDays({
  segments,
  count,
  left,
}: {
  segments: readonly Segment[];
  count: number;
  left: number;
}) {
  const rows = 1 + Math.max(-1, ...segments.map(({ lane }) => lane));
  if (rows === 0) return null;
  const shown = segments.filter(({ lane }) => lane < MOST_ROWS);
  const hidden = segments.length - shown.length;
  return (
    <View role="group" aria-label="All day" style={{ paddingLeft: left }}>
      <View style={{ height: Math.min(rows, MOST_ROWS) * ROW }}>
        {shown.map((segment) => (
          <SegmentCard key={segment.event.id} segment={segment} count={count} />
        ))}
      </View>
      {hidden > 0 && (
        <Words size="xs" tone="soft">
          and {hidden} more that take days whole
        </Words>
      )}
    </View>
  );
}

function SegmentCard({ segment, count }: { segment: Segment; count: number }) {
  const { event, first, last, lane, before, after } = segment;
  return (
    <Pressable
      role="button"
      onPress={() => openSheet({ kind: 'meeting', meeting: event })}
      className={`hue-${hueOfEvent(event, useWorkspace())} absolute justify-center border px-1.5 ${event.busy ? 'cut-corner border-edge bg-surface' : 'border-dashed border-edge'}`}
      style={{
        top: lane * ROW,
        height: ROW - 2,
        left: `${(100 * first) / count}%`,
        width: `${(100 * (last - first + 1)) / count}%`,
      }}
    >
      <Words size="xs" numberOfLines={1}>
        {before ? '… ' : ''}
        {event.title}
        {event.busy ? '' : ' · free'}
        {after ? ' …' : ''}
      </Words>
    </Pressable>
  );
}
