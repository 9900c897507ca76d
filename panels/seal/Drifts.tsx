import { View } from 'react-native';
import { putBack } from '@/actions/seals';
import { DriftMark } from '@/board/seal/DriftMark';
import { spotWords } from '@/core/plan/sealWords';
import type { Drift } from '@/core/plan/sinceSeal';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';

const heads: Record<Drift['change'], string> = {
  added: 'New since the seal',
  moved: 'Moved',
  dropped: 'Dropped',
};

/** What is not as it was sealed, and the way back for what was moved or dropped. */
export function Drifts({ drifts }: { drifts: readonly Drift[] }) {
  return (['added', 'moved', 'dropped'] as const).map((change) => {
    const own = drifts.filter((drift) => drift.change === change);
    return own.length === 0 ? null : (
      <View key={change} className="gap-1">
        <View className="flex-row items-center gap-2">
          {change !== 'dropped' && <DriftMark change={change} />}
          <Heading level={2}>{heads[change]}</Heading>
        </View>
        {own.map((drift) => (
          <DriftLine key={`${drift.what} ${drift.id}`} drift={drift} />
        ))}
      </View>
    );
  });
}

function DriftLine({ drift }: { drift: Drift }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { what, of, title, change, was, is } = drift;
  const words = (spot: Drift['is']) => (spot ? spotWords(spot, zone, workspace.settings) : '');
  const about = change === 'moved' ? `${words(is)}, was ${words(was)}` : words(is ?? was);
  const canGoBack = change !== 'added' && what !== 'meeting' && taskOf(workspace, of) !== undefined;
  return (
    <View className="min-h-[44px] flex-row items-center gap-2">
      <View className="flex-1">
        <Words>{title}</Words>
        <Words size="xs" tone="soft">
          {about}
        </Words>
      </View>
      {canGoBack && (
        <Button label="Put back" says={`Put back ${title}`} kind="quiet" onPress={() => putBack(drift)} />
      )}
    </View>
  );
}
