import {
  DndContext,
  KeyboardSensor,
  MouseSensor,
  TouchSensor,
  closestCenter,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useMemo } from 'react';
import { View } from 'react-native';
import { reorderTask } from '@/core/commands/tasks';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { atOnce } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { elementOf, webProps } from '@/ui/dom';
import { openPanel } from '@/ui/panels';
import { Icon } from '@/ui/icons';
import { TaskLine } from './TaskLine';

/** Tasks in the person's own order, changed by dragging the grip (mouse, long press, or Space and the arrows) or by a press on it. */
export function SortableTasks({ tasks }: { tasks: readonly Task[] }) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      // Enter opens what else can be done
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  );
  const ids = useMemo(() => tasks.map(({ id }) => id), [tasks]);
  const title = (id: unknown) => tasks.find((task) => task.id === id)?.title ?? 'the task';
  const place = (id: unknown) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;

  const move = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over.id))];
    const others = ids.filter((id) => id !== active.id);
    const input = { id: String(active.id), before: others[to - 1] ?? null, after: others[to] ?? null };
    const words = `${title(active.id)} is at ${place(over.id)}`;
    if (from !== to) atOnce(() => store.run(reorderTask, input, words));
  };
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Picked up ${title(active.id)}, ${place(active.id)}`,
    onDragOver: ({ over }) => (over ? place(over.id) : undefined),
    onDragEnd: ({ active, over }) => `${title(active.id)} dropped at ${place(over?.id ?? active.id)}`,
    onDragCancel: ({ active }) => `${title(active.id)} stays at ${place(active.id)}`,
  };

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={move}
      accessibility={{ announcements }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <View role="list" aria-label="Tasks">
          {tasks.map((task) => (
            <SortableLine key={task.id} task={task} among={ids} />
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

function SortableLine({ task, among }: { task: Task; among: readonly Id[] }) {
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform, transition, isDragging } =
    useSortable({ id: task.id });
  const describedBy = attributes['aria-describedby'];
  // whenever one line comes or goes all are placed anew, and need not be drawn anew for it
  const line = useMemo(
    () => (
      <TaskLine
        task={task}
        grip={
          <View
            ref={(view) => setActivatorNodeRef(elementOf(view))}
            role="button"
            tabIndex={0}
            aria-label={`Move ${task.title}`}
            {...webProps({ onClick: () => openPanel({ kind: 'actions', taskId: task.id, among }) })}
            {...({ ...listeners, 'aria-describedby': describedBy } as object)} // DOM listeners and attributes
            className="h-[44px] w-[44px] cursor-grab touch-manipulation select-none items-center justify-center lg:w-7"
          >
            <Icon name="grip" size={18} colour="ink-soft" />
          </View>
        }
      />
    ),
    [task, among, setActivatorNodeRef, listeners, describedBy],
  );
  return (
    <View
      role="listitem"
      ref={(view) => setNodeRef(elementOf(view))}
      className={isDragging ? 'z-10 opacity-80' : ''}
      // CSS transitions are known to the web target only
      style={{ transform: [{ translateY: transform?.y ?? 0 }], ...({ transition } as object) }}
    >
      {line}
    </View>
  );
}
