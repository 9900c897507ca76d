import { View } from 'react-native';
import { takeOff } from '@/actions/places';
import { duplicate, startOrStop, toggleDone, useRunning } from '@/actions/tasks';
import { reorderTask } from '@/core/commands/tasks';
import type { Id } from '@/core/model/common';
import type { Task } from '@/core/model/task';
import { store } from '@/state/workspaceStore';
import { blockOf, taskOf, trayItemOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import type { IconName } from '@/ui/icons';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';

type Action = { readonly label: string; readonly icon: IconName; readonly act: () => void };

/** Other places in one's own order, by single presses. */
function placesAmong({ id, title }: Task, among: readonly Id[]): Action[] {
  const at = among.indexOf(id);
  const to = (before: Id | undefined, after: Id | undefined, where: string) => () =>
    void store.run(reorderTask, { id, before: before ?? null, after: after ?? null }, `${title} is ${where}`);
  const [upper, lower] = [at > 0, at >= 0 && at < among.length - 1];
  return [
    ...(upper
      ? [
          { label: 'To the top', icon: 'up', act: to(undefined, among[0], 'at the top') } as const,
          { label: 'One up', icon: 'up', act: to(among[at - 2], among[at - 1], 'one further up') } as const,
        ]
      : []),
    ...(lower
      ? [
          {
            label: 'One down',
            icon: 'down',
            act: to(among[at + 1], among[at + 2], 'one further down'),
          } as const,
        ]
      : []),
  ];
}

/** What is done most with a task, a thumb’s reach from where it was held. */
function TaskActions({ taskId, blockId, trayId, among = [] }: Panels['actions']) {
  const workspace = useWorkspace();
  const task = taskOf(workspace, taskId);
  const running = useRunning({ kind: 'task', taskId });
  if (!task) return null;
  const block = blockId ? blockOf(workspace, blockId) : undefined;
  const place = block ?? (trayId ? trayItemOf(workspace, trayId) : undefined);
  const done = task.doneAt !== null;
  const actions: readonly Action[] = [
    { label: done ? 'Open again' : 'Done', icon: done ? 'undo' : 'check', act: () => toggleDone(task) },
    ...(done
      ? []
      : ([
          {
            label: running ? 'Stop' : 'Start',
            icon: running ? 'stop' : 'start',
            act: () => startOrStop({ kind: 'task', taskId }),
          },
          { label: 'Place…', icon: 'plan', act: () => openPanel({ kind: 'place', taskId, blockId, trayId }) },
        ] as const)),
    ...(block ? [{ label: 'Once more', icon: 'add', act: () => duplicate(block) } as const] : []),
    ...(place
      ? [{ label: 'Take off the plan', icon: 'remove', act: () => void takeOff(place) } as const]
      : []),
    ...placesAmong(task, among),
    { label: 'Details', icon: 'pen', act: () => openPanel({ kind: 'task', id: taskId, blockId, trayId }) },
  ];
  return (
    <View className="flex-row flex-wrap gap-2">
      {actions.map(({ label, icon, act }) => (
        <Button
          key={label}
          label={label}
          icon={icon}
          onPress={() => {
            closePanel();
            act();
          }}
        />
      ))}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What can be done with a task, and the place of the plan that it was held at. */
    actions: {
      readonly taskId: Id;
      readonly blockId?: Id | undefined;
      readonly trayId?: Id | undefined;
      /** The tasks in whose order it can be moved. */
      readonly among?: readonly Id[];
    };
  }
}

export const actions: Panel<Panels['actions']> = {
  useTitle: ({ taskId }) => taskOf(useWorkspace(), taskId)?.title ?? 'Task',
  Content: TaskActions,
};
