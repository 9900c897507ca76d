import { Pressable, View } from 'react-native';
import { makeGroup, releaseTask } from '@/core/commands/groups';
import type { Block } from '@/core/model/plan';
import { fillWords, heldTasks } from '@/core/plan/group';
import { lengthOfTask } from '@/core/tasks/newTask';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button, IconButton } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { TickBox } from '@/board/taskParts';

/** What a block holds beside its own task. */
export function GroupFields({ block }: { block: Block }) {
  const workspace = useWorkspace();
  if (!block.holds)
    return (
      <View className="flex-row">
        <Button
          label="Let it hold small tasks"
          kind="quiet"
          onPress={() => store.run(makeGroup, { id: block.id }, 'It can hold small tasks now')}
        />
      </View>
    );
  const held = heldTasks(block, workspace);
  return (
    <View className="gap-1">
      <Words face="strong">{held.length > 0 ? `Holds ${fillWords(block, held)}` : 'Holds no task yet'}</Words>
      {held.length === 0 && (
        <Words size="xs" tone="soft">
          Drag small tasks onto the block, or choose it under Place… of a task.
        </Words>
      )}
      {held.map((task) => (
        <View key={task.id} className="flex-row items-center">
          <TickBox task={task} />
          <Pressable
            role="button"
            onPress={() => openPanel({ kind: 'task', id: task.id })}
            className="min-h-[44px] flex-1 justify-center"
          >
            <Words tone={task.doneAt === null ? 'ink' : 'soft'}>{task.title}</Words>
          </Pressable>
          <Words tone="soft">{durationWords(lengthOfTask(task))}</Words>
          <IconButton
            label={`Take ${task.title} out of the group`}
            icon="close"
            colour="ink-soft"
            onPress={() => store.run(releaseTask, { id: block.id, taskId: task.id }, `${task.title} is out`)}
          />
        </View>
      ))}
    </View>
  );
}
