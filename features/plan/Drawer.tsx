import { useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { Button } from '@/ui/Button';
import { useDropArea } from '@/board/drag/areas';
import { placeOf, useDrag } from '@/board/drag/dragStore';
import { usePicked } from '@/board/picked';
import { FindButton } from '@/board/FindButton';
import { NextStep } from '@/board/FirstSteps';
import { ShortOfTargets } from '@/board/left/ShortOfTargets';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { countWords, Finding, Several, useFinding } from './Finding';
import { ToPlaceList, Unestimated } from './ToPlace';
import { useToPlace } from './useToPlace';

/** The tasks to place, at the bottom of a phone. It closes while something is dragged; a block let go on it leaves the plan. */
export function Drawer({ date }: { date: string }) {
  const tasks = useToPlace();
  const finding = useFinding(tasks);
  const [open, setOpen] = useState(false);
  const choosing = usePicked((picked) => picked.choosing);
  const { attach } = useDropArea({ kind: 'off' });
  const dragging = useDrag(({ dragged }) => dragged !== null);
  const fromPlan = useDrag(({ dragged }) => dragged !== null && placeOf(dragged) !== undefined);
  return (
    <View ref={attach} className="not-printed border-t border-line bg-surface">
      <View className="min-h-[52px] flex-row items-center justify-between gap-3 px-4">
        <Pressable
          role="button"
          aria-expanded={open}
          onPress={() => setOpen(!open)}
          className="min-h-[44px] flex-1 justify-center"
        >
          <Words face="strong">{fromPlan ? 'Let go here to take it off' : 'To place'}</Words>
          <Words size="xs" tone="soft" numberOfLines={1}>
            {countWords(tasks)} · {open ? 'close' : 'open'}
          </Words>
        </Pressable>
        <FindButton />
        <Button
          label="Note"
          says="Note a task in the quick line"
          icon="add"
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
        <ScrollView
          tabIndex={0}
          aria-label="Tasks to place"
          style={{ height: dragging ? 0 : 300, flexGrow: 0 }}
          contentContainerClassName="gap-2 px-4 pb-4"
        >
          <NextStep />
          <Unestimated tasks={tasks} />
          <Finding {...finding} />
          <ShortOfTargets date={date} />
          <ToPlaceList tasks={finding.found} date={date} />
        </ScrollView>
      )}
    </View>
  );
}
