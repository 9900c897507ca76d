import type { RefObject } from 'react';
import { Pressable, View } from 'react-native';
import type { Block } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { heldTasks } from '@/core/plan/group';
import { lengthOfTask } from '@/core/tasks/newTask';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useDropArea } from '../drag/areas';
import { useDrag } from '../drag/dragStore';
import { Tick } from '@/ui/Tick';
import { toggleDone } from '@/actions/tasks';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';

const LINE = forText(24);

/** What a group block holds, side by side, ticked off one by one, as far as there is room (pixels). */
export function HeldTasks({ block, room }: { block: Block; room: number }) {
  const held = heldTasks(block, useWorkspace());
  return (
    <View
      className="flex-row flex-wrap gap-x-4 overflow-hidden"
      style={{ maxHeight: Math.floor(room / LINE) * LINE }}
    >
      {held.map((task) => (
        <Held key={task.id} task={task} />
      ))}
    </View>
  );
}

function Held({ task }: { task: Task }) {
  const done = task.doneAt !== null;
  return (
    <Pressable
      role="checkbox"
      aria-checked={done}
      aria-label={`Done: ${task.title}`}
      onPress={(event) => {
        event.stopPropagation();
        toggleDone(task);
      }}
      className="max-w-full flex-row items-center gap-1.5"
      style={{ height: LINE }}
    >
      <Tick ticked={done} look="done" size={16} />
      <View className="shrink">
        <Words size="xs" tone={done ? 'soft' : 'ink'} numberOfLines={1}>
          {task.title} · {durationWords(lengthOfTask(task))}
        </Words>
      </View>
    </Pressable>
  );
}

/** Takes what is let go on a group block. */
export function GroupArea({ block, viewport }: { block: Block; viewport: RefObject<HTMLElement | null> }) {
  const { attach } = useDropArea({ kind: 'group', block }, viewport);
  const aimed = useDrag(({ target }) => target?.kind === 'group' && target.blockId === block.id);
  return (
    <View
      ref={attach}
      aria-hidden
      className={`absolute inset-0 ${aimed ? 'border-2 border-pine' : ''}`}
      style={{ pointerEvents: 'none' }}
    />
  );
}
