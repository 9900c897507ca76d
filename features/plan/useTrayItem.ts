import type { TrayItem } from '@/core/model/plan';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/workspaceStore';
import { movingTask } from '@/ui/drag/dragStore';
import { useDragItem } from '@/ui/drag/useDragItem';
import { openSheet } from '@/ui/sheets';
import { useHue } from '@/ui/tasks/TaskParts';

/** What lies in a tray: its task, and the properties by which it is named, opened and dragged. */
export function useTrayItem({ id, taskId, date }: TrayItem) {
  const task = useWorkspace().tasks.get(taskId);
  const hue = useHue(task);
  const estimate = task && task.estimate !== null ? durationWords(task.estimate) : '';
  const dragged = { ...movingTask(task ?? { id: taskId, estimate: null }), trayId: id };
  const { props, lifted } = useDragItem(dragged, date, () =>
    openSheet({ kind: 'task', id: taskId, trayId: id }),
  );
  const done = task?.doneAt === null ? '' : 'done';
  const name = ['In the tray', task?.title, estimate, done].filter(Boolean).join(', ');
  return { task, hue, estimate, lifted, props: { ...props, 'aria-label': name } };
}
