import { View } from 'react-native';
import { answer, useOpenRings } from '@/actions/reminders';
import { RingActs } from '@/board/RingActs';
import type { OpenRing } from '@/core/remind/ring';
import { ringWords } from '@/core/remind/words';
import { whenWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import type { Panel, Panels } from '@/ui/panels';

/** All reminders that nobody has answered, the latest first. */
function Reminders() {
  const open = useOpenRings();
  if (open.length === 0) return <Words tone="soft">No reminder is open.</Words>;
  return (
    <View className="gap-4">
      <View role="list" className="gap-4">
        {[...open].reverse().map((each) => (
          <Row key={each.ring.id} open={each} />
        ))}
      </View>
      <View className="flex-row">
        <Button label="Close all" onPress={() => void answer(open.map(({ ring }) => ring.id))} />
      </View>
    </View>
  );
}

function Row({ open: { ring, missed } }: { open: OpenRing }) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const { title, line } = ringWords(workspace, ring, now, zone);
  const came = `${ring.quiet ? 'Kept quiet' : missed ? 'Came unseen' : 'Rang'} ${whenWords(ring.at, today, zone, workspace.settings)}`;
  return (
    <View role="listitem" className="gap-0.5 border-l-4 border-line pl-3">
      <Words face="strong">{title}</Words>
      <Words tone="soft">{line}</Words>
      <Words size="xs" tone="soft">
        {came}
      </Words>
      <RingActs ring={ring} title={title} />
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    reminders: object;
  }
}

export const reminders: Panel<Panels['reminders']> = { useTitle: () => 'Reminders', Content: Reminders };
