import { useEffect, useState } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { Button } from '@/ui/Button';
import { useDropArea } from '@/board/drag/areas';
import { placeOf, useDrag } from '@/board/drag/dragStore';
import { usePicked } from '@/board/picked';
import { FindButton } from '@/board/FindButton';
import { NextStep } from '@/board/FirstSteps';
import { ShortOfTargets } from '@/board/left/ShortOfTargets';
import { openPanel } from '@/ui/panels';
import { useIsNarrow } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { useDrawer } from '@/board/drawer';
import { useWorkspace } from '@/state/shown';
import { togetherWords } from '@/core/tasks/takes';
import { Finding, Several, useFinding } from './Finding';
import { ToPlaceList, Unestimated } from './ToPlace';
import { useToPlace } from './useToPlace';
import { ScrollRegion } from '@/ui/ScrollRegion';

/** How much of the height the open list has: the hours keep half, and four tasks fit. */
const LIST = 0.252;

/** The tasks to place, at the bottom of a phone. It closes while something is dragged; a block let go on it leaves the plan. */
export function Drawer({ date }: { date: string }) {
  const tasks = useToPlace();
  const finding = useFinding(tasks);
  const open = useDrawer((state) => state.open);
  const [seeking, setSeeking] = useState(false);
  const choosing = usePicked((picked) => picked.choosing);
  const { attach } = useDropArea({ kind: 'off' });
  const { height } = useWindowDimensions();
  const workspace = useWorkspace();
  const narrow = useIsNarrow();
  useEffect(() => () => useDrawer.setState({ open: false }), []);
  const dragging = useDrag(({ dragged }) => dragged !== null);
  const fromPlan = useDrag(({ dragged }) => dragged !== null && placeOf(dragged) !== undefined);
  return (
    <View ref={attach} className="not-printed border-t border-line bg-surface">
      <View
        className={`flex-row flex-wrap items-center justify-between gap-x-1 px-4 short:min-h-[44px] ${open ? 'min-h-[44px]' : 'min-h-[52px]'}`}
      >
        <Pressable
          role="button"
          aria-expanded={open}
          onPress={() => useDrawer.setState({ open: !open })}
          className="min-h-[44px] min-w-[6rem] flex-1 justify-center"
        >
          <Words face="strong">{fromPlan ? 'Let go here to take it off' : 'To place'}</Words>
          <Words size="xs" tone="soft" numberOfLines={1}>
            {togetherWords(workspace, tasks)} · {open ? 'close' : 'open'}
          </Words>
        </Pressable>
        {open ? (
          <Button
            label={seeking ? 'All' : 'Search…'}
            says={seeking ? 'All tasks to place' : 'Search the tasks to place'}
            kind="quiet"
            onPress={() => setSeeking(!seeking)}
          />
        ) : (
          <FindButton inWords />
        )}
        <Button
          label="Quick line"
          says="Quick line: note a task in plain words"
          icon={narrow ? undefined : 'add'}
          kind="primary"
          onPress={() => openPanel({ kind: 'quick' })}
        />
      </View>
      {!open && choosing && (
        <View className="px-4 pb-2">
          <Several />
        </View>
      )}
      {open && (
        <ScrollRegion
          aria-label="Tasks to place"
          style={{ height: dragging ? 0 : Math.round(height * LIST), flexGrow: 0 }}
          contentContainerClassName="gap-0.5 px-4 pb-4"
        >
          {seeking && <Finding {...finding} />}
          <ToPlaceList tasks={seeking ? finding.found : tasks} date={date} compact />
          <NextStep />
          <ShortOfTargets date={date} />
          <Unestimated tasks={tasks} />
        </ScrollRegion>
      )}
    </View>
  );
}
