import type { Id } from '@/core/model/common';
import { taskOf } from '@/core/tasks/places';
import type { Panel, Panels } from '@/ui/panels';
import { useWorkspace } from '@/state/shown';
import { TaskDetails } from './TaskDetails';

declare module '@/ui/panels' {
  interface Panels {
    /** A task; with the place in the plan that it was opened from, that too. */
    task: { readonly id: Id; readonly blockId?: Id; readonly trayId?: Id };
  }
}

export const task: Panel<Panels['task']> = {
  useTitle({ id }) {
    const workspace = useWorkspace();
    return taskOf(workspace, id)?.title ?? 'Task';
  },
  Content: (opened) => <TaskDetails key={opened.id} {...opened} />,
};
