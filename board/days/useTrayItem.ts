import type { TrayItem } from '@/core/model/plan';
import { taskOf } from '@/core/tasks/places';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/workspaceStore';
import { movingTrayItem } from '../drag/dragStore';
import { useDragItem } from '../drag/useDragItem';
import { openPanel } from '@/ui/panels';
import { useHue } from '../taskParts';

/** What lies in a tray: its task, and the properties by which it is named, opened and dragged. */
export function useTrayItem(item: TrayItem) {
  const { id, taskId, date } = item;
  const task = taskOf(useWorkspace(), taskId);
  const hue = useHue(task);
  const estimate = task && task.estimate !== null ? durationWords(task.estimate) : '';
  const { props, lifted } = useDragItem(movingTrayItem(item, task), date, () =>
    openPanel({ kind: 'task', id: taskId, trayId: id }),
  );
  const done = task?.doneAt === null ? '' : 'done';
  const name = ['In the tray', task?.title, estimate, done].filter(Boolean).join(', ');
  return { task, hue, estimate, lifted, props: { ...props, 'aria-label': name } };
}
