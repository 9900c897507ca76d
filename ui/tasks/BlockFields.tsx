import { View } from 'react-native';
import type { Block } from '@/core/model/plan';
import { collisions } from '@/core/plan/placing';
import { spanOfBlock } from '@/core/plan/dayPlan';
import { dateOf, instantOf, wallOf } from '@/core/time/zone';
import { clockWords, dateWords, durationWords, timeWords } from '@/core/time/words';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field } from '../Field';
import { readClock, readLength } from '../readings';
import { Words } from '../Words';
import { duplicate } from './actions';
import { GroupFields } from './GroupFields';
import { relocate, takeOff } from './repeatActions';
import { TypedChange } from './TypedChange';

/** The hours of one block, typed, and what it collides with. */
export function BlockFields({ block }: { block: Block }) {
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const { from, to } = spanOfBlock(block);
  const date = dateOf(block.start, session.zone);
  const met = collisions(workspace, { from, to }, session.zone, block.id);
  const title = workspace.tasks.get(block.taskId)?.title ?? 'The block';
  const set = (start: number, minutes: number) =>
    relocate(block, { start, minutes }, `${title}: ${durationWords(minutes)}`);
  return (
    <View className="gap-2 border-y border-line py-3">
      <Words face="strong">
        Block {dateWords(date)}, {clockWords(from, session.zone, clock)} –{' '}
        {clockWords(to, session.zone, clock)}
      </Words>
      <View className="flex-row">
        <Button label="Once more" kind="quiet" onPress={() => duplicate(block)} />
        <Button label="Take off" kind="quiet" onPress={() => takeOff(block)} />
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Field
            label="Starts"
            text={timeWords(wallOf(block.start, session.zone).slice(11, 16), clock)}
            read={readClock}
            onSave={(time) => set(instantOf(`${date}T${time}`, session.zone), block.minutes)}
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
      <TypedChange hours={block} onChange={({ start, minutes }) => set(start, minutes)} />
      <GroupFields block={block} />
      {met.length > 0 && (
        <Words size="xs" tone="brick" face="strong">
          Collides with {met.join(', ')}
        </Words>
      )}
    </View>
  );
}
