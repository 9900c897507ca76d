import { View } from 'react-native';
import { frameOf, framesOf } from '@/core/frame/holding';
import type { Frame } from '@/core/model/frame';
import { sealOn } from '@/core/model/seal';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { openPanel } from '@/ui/panels';
import { UndoButtons } from '@/ui/UndoButtons';
import { useIsNarrow, useWide } from '@/ui/useWide';
import { Heading, Words } from '@/ui/Words';
import { HoldRow } from './HoldRow';
import { useFrame } from './useFrame';
import { useRoomy } from './useRoomy';

/** Which frame is shown, whether it holds now, and what can be done with it as a whole. */
export function FrameHead({ frame, week }: { frame: Frame; week: string }) {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const wide = useWide();
  const { onFrame } = useFrame();
  const frames = framesOf(workspace);
  const holds = frameOf(workspace, today)?.id === frame.id;
  return (
    <View className="gap-1 pb-1">
      <View className="flex-row flex-wrap items-start justify-between gap-2 px-4 pt-2">
        <View className="min-w-min flex-1 lg:flex-row lg:items-baseline lg:gap-3">
          <Heading tight={useIsNarrow()}>Frame</Heading>
          <Words tone="soft">
            {frame.name} · {holds ? 'holds this week' : 'does not hold this week'}
          </Words>
          {holds && sealOn(workspace, today) && (
            <Words tone="soft">This week is sealed: what you change here counts from the next one on.</Words>
          )}
        </View>
        <View className="flex-row">
          {wide && <Actions frame={frame} week={week} />}
          <UndoButtons />
        </View>
      </View>
      <View className="flex-row flex-wrap items-center justify-between px-3">
        {frames.length > 1 ? (
          <Choice
            label="Frame to show"
            hideLabel
            value={frame.id}
            onChoose={onFrame}
            options={frames.map(({ id, name }) => ({ value: id, name }))}
          />
        ) : (
          <View />
        )}
        {!wide && <Actions frame={frame} week={week} />}
      </View>
      {wide && <HoldRow week={week} shown={frame.id} />}
    </View>
  );
}

const Actions = ({ frame, week }: { frame: Frame; week: string }) => (
  <View className="shrink flex-row flex-wrap">
    {!useRoomy() && (
      <Button
        label="What is left…"
        kind="quiet"
        onPress={() => openPanel({ kind: 'left', week, frameId: frame.id })}
      />
    )}
    <Button
      label="Guided start…"
      kind="quiet"
      onPress={() => openPanel({ kind: 'guide', frameId: frame.id })}
    />
    <Button label="Frames…" kind="quiet" onPress={() => openPanel({ kind: 'frames' })} />
  </View>
);
