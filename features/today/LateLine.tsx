import { View } from 'react-native';
import { sealOn } from '@/core/model/seal';
import { lateMeetings } from '@/core/plan/late';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** Says that meetings have come into a sealed week and wait for an answer. */
export function LateLine({ date }: { date: string }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const seal = sealOn(workspace, date);
  const late = seal ? lateMeetings(workspace, seal, zone) : [];
  const [first] = late;
  if (!seal || !first) return null;
  const what = late.length === 1 ? `${first.title} came` : `${late.length} meetings came`;
  return (
    <View
      role="status"
      className="flex-row flex-wrap items-center gap-2 border-y border-line bg-surface px-4"
    >
      <View className="min-w-[9rem] flex-1">
        <Words size="xs">{what} after this week was sealed</Words>
      </View>
      <Button label="Answer…" kind="quiet" onPress={() => openPanel({ kind: 'seal', week: seal.id })} />
    </View>
  );
}
