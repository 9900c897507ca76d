import { View } from 'react-native';
import { answer, useOpenRings } from '@/actions/reminders';
import { RingActs } from '@/board/RingActs';
import type { OpenRing } from '@/core/remind/ring';
import { ringWords } from '@/core/remind/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useSteady } from '@/ui/steady';
import { Words } from '@/ui/Words';
import { TopLine } from './TopLine';

/** The reminder that rings, or how many came while nobody looked; nothing where there is none. */
export function RingLine() {
  const open = useSteady(useOpenRings());
  const [first, ...others] = open.filter(({ missed }) => !missed);
  const missed = open.length - (first ? 1 + others.length : 0);
  if (first) return <Ringing open={first} more={open.length - 1} />;
  if (missed === 0) return null;
  return (
    <View
      role="region"
      aria-label="Reminders"
      className="flex-row items-center gap-2 border-b border-line bg-surface px-4"
    >
      <Icon name="bell" size={18} colour="ink-soft" />
      <View className="flex-1">
        <Words>
          {missed === 1 ? 'A reminder came' : `${missed} reminders came`} while nobody looked, or in quiet
          hours
        </Words>
      </View>
      <Button
        label="Show…"
        says="Show the reminders that came…"
        kind="quiet"
        onPress={() => openPanel({ kind: 'reminders' })}
      />
      <Button
        label="Close"
        says="Close the reminders that came"
        kind="quiet"
        onPress={() => void answer(open.map(({ ring }) => ring.id))}
      />
    </View>
  );
}

function Ringing({ open: { ring }, more }: { open: OpenRing; more: number }) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const { title, line } = ringWords(workspace, ring, now, zone);
  return (
    <TopLine kind="Reminder" title={title} line={line} rings>
      {more > 0 && (
        <Button
          label={`${more} more…`}
          says={`${more} more reminders…`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'reminders' })}
        />
      )}
      <RingActs ring={ring} title={title} />
    </TopLine>
  );
}
