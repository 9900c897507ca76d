import { useMemo } from 'react';
import { View } from 'react-native';
import { doorCount } from '@/core/outside/door';
import { doorWords } from '@/core/outside/doorWords';
import type { Stretch } from '@/core/time/stretch';
import { dayOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** How many of the requests that were accepted for a stretch of time went to hours that are open to meetings. */
export function DoorLine({ stretch: { first, last } }: { stretch: Stretch }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const count = useMemo(
    () => doorCount(workspace, { from: dayOf(first, zone).from, to: dayOf(last, zone).to }, zone),
    [workspace, first, last, zone],
  );
  if (count.all === 0) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-x-3">
      <Words>{doorWords(count)}</Words>
      <Button label="Requests…" kind="quiet" onPress={() => openPanel({ kind: 'requests' })} />
    </View>
  );
}
