import { useMemo } from 'react';
import { View } from 'react-native';
import type { Block } from '@/core/model/plan';
import { judgeBlock } from '@/core/plan/judge';
import { nearestStart } from '@/core/plan/nearest';
import { spanOfBlock, taskOf } from '@/core/tasks/places';
import { dateOf, instantOf, sameHourOn, timeOf } from '@/core/time/zone';
import { durationWords, momentWords, spanWords, timeWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Findings } from '@/board/Findings';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { readClock, readLength } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { openBend, togglePin } from '@/actions/bend';
import { duplicate } from '@/actions/tasks';
import { keepBlock } from '@/actions/templates';
import { GroupFields } from './GroupFields';
import { relocate, takeOff } from '@/actions/places';
import { WithMonth } from '../parts/WithMonth';
import { TypedChange } from './TypedChange';

/** The hours of one block, typed, and what it means that it stands there. */
export function BlockFields({ block }: { block: Block }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const { from, to } = spanOfBlock(block);
  const date = dateOf(block.start, zone);
  const task = taskOf(workspace, block.taskId);
  const title = task?.title ?? 'The block';
  const findings = judgeBlock(workspace, block, { zone });
  const isTroubled = findings.length > 0 && to > now && task?.doneAt === null;
  const nearest = useMemo(
    () =>
      isTroubled
        ? nearestStart(
            workspace,
            { ...block, what: { kind: 'block', id: block.id, taskId: block.taskId } },
            zone,
            now,
          )
        : undefined,
    [isTroubled, workspace, block, zone, now],
  );
  const whenWords = (at: number) => momentWords(at, zone, workspace.settings);
  const set = (start: number, minutes: number) =>
    void relocate(block, { start, minutes }, `${title}: ${durationWords(minutes)}`);
  return (
    <View className="gap-2 border-y border-line py-3">
      <Words face="strong">Block {spanWords({ from, to }, zone, workspace.settings)}</Words>
      <View className="flex-row flex-wrap">
        <Button label="Once more" kind="quiet" onPress={() => duplicate(block)} />
        {task && <Button label="Keep as a template" kind="quiet" onPress={() => keepBlock(block, task)} />}
        <Button label="Take off the plan" kind="quiet" onPress={() => void takeOff(block)} />
        <Button
          label={block.pinned ? 'Let it move again' : 'Pin it here'}
          kind="quiet"
          icon="pin"
          onPress={() => togglePin(block)}
        />
        {to > now && (
          <Button
            label="15 min longer…"
            says="15 min longer, and move what follows"
            kind="quiet"
            onPress={() => openBend(date, { kind: 'extend', blockId: block.id, minutes: 15 })}
          />
        )}
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Starts"
            text={timeWords(timeOf(block.start, zone), clock)}
            read={readClock}
            onSave={(time) => set(instantOf(`${date}T${time}`, zone), block.minutes)}
          />
        </View>
        <View className="flex-1">
          <Field
            label="Length"
            text={durationWords(block.minutes)}
            read={readLength}
            onSave={(minutes) => set(block.start, minutes)}
          />
        </View>
      </View>
      <WithMonth
        of="Block"
        chosen={date}
        onChoose={(day) => set(sameHourOn(day, block.start, zone), block.minutes)}
        hours={{ chosen: block.start, except: block.id, onChoose: (start) => set(start, block.minutes) }}
      >
        <TypedChange block={block} onChange={({ start, minutes }) => set(start, minutes)} />
      </WithMonth>
      <GroupFields block={block} />
      <Findings findings={findings} />
      {nearest !== undefined && (
        <View className="flex-row">
          <Button
            label={`Fits on ${whenWords(nearest)}`}
            says={`Fits on ${whenWords(nearest)}, the nearest such place: move it there`}
            onPress={() => set(nearest, block.minutes)}
          />
        </View>
      )}
    </View>
  );
}
