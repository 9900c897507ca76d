import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { kindsOf } from '@/core/frame/kinds';
import { useWorkspace } from '@/state/shown';
import { DetailsPane, useEscapeFromPane, useIsPaneFilled } from '@/ui/DetailsPane';
import { isCovered, usePanels } from '@/ui/panels';
import { usePageTitle } from '@/ui/announce';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { useHeldHere } from '@/board/left/useHeldHere';
import { Targets } from '@/board/left/Targets';
import { WhatIsLeft } from '@/board/left/WhatIsLeft';
import { FrameHead } from './FrameHead';
import { KindList } from './KindList';
import { useNamedKinds } from './namedKinds';
import { useBrushKey } from './mark';
import { useAskedZone } from './useAskedZone';
import { useFrame } from './useFrame';
import { useRoomy } from './useRoomy';
import { WeekGrid } from './WeekGrid';
import { ScrollRegion } from '@/ui/ScrollRegion';

/** The shape of a week: its kinds of time, to be painted, and what is left of its hours. */
export function FrameScreen() {
  const workspace = useWorkspace();
  const wide = useWide();
  const roomy = useRoomy();
  const filled = useIsPaneFilled();
  const { frame, week } = useFrame();
  const chosen = useBrushKey(({ key }) => key);
  const named = useNamedKinds(({ brushes }) => brushes);
  const held = useHeldHere(frame, week);
  useAskedZone(frame);
  useEscapeFromPane(isCovered);
  usePageTitle('The frame of the week');
  useEffect(() => {
    usePanels.setState({ hasPane: wide });
    return () => usePanels.setState({ hasPane: false });
  }, [wide]);
  if (!frame) return null;
  const kinds = kindsOf(workspace, frame, named);
  const brush = kinds.find(({ key }) => key === chosen)?.brush;
  return (
    <View role="main" className="flex-1 low:flex-none">
      <FrameHead frame={frame} week={week} />
      <View className="flex-1 flex-row low:flex-none">
        {wide && (roomy || !filled) && (
          <ScrollView tabIndex={-1} style={{ maxWidth: 228 }} contentContainerClassName="gap-2 px-3 pb-6">
            <Words size="xs" tone="soft">
              Choose a kind, then draw over hours, over as many days as you like.
            </Words>
            <KindList kinds={kinds} frameId={frame.id} />
          </ScrollView>
        )}
        <WeekGrid frame={frame} week={week} brush={brush} />
        {wide && (roomy || filled) && (
          <DetailsPane>
            <ScrollRegion contentContainerClassName="gap-4 px-4 pb-6 pt-4">
              <WhatIsLeft workspace={held} week={week} />
              <Targets week={week} />
            </ScrollRegion>
          </DetailsPane>
        )}
      </View>
      {!wide && <KindList kinds={kinds} frameId={frame.id} />}
    </View>
  );
}
