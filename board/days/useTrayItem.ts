import { cardId } from '../drag/drop';
import type { TrayItem } from '@/core/model/plan';
import { kindWords } from '@/core/plan/lens';
import { drawnWords } from '@/core/tasks/dueWords';
import { taskOf } from '@/core/tasks/places';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useDropArea } from '../drag/areas';
import { aimsAtTray, mayLieInTray, movingTrayItem, useDrag } from '../drag/dragStore';
import { useDragItem, type Stops } from '../drag/useDragItem';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { useIsKeystone } from '../KeystoneMark';
import { useDrift } from '../seal/useDrift';
import { taskKeys, useHue } from '../taskParts';

/** What lies in a tray: its task, and the properties by which it is named, opened and dragged; arrows take it to the `stops` if there are some. */
export function useTrayItem(item: TrayItem, stops?: Stops) {
  const { id, taskId, date } = item;
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const task = taskOf(workspace, taskId);
  const hue = useHue(task);
  const estimate = task && task.estimate !== null ? durationWords(task.estimate) : '';
  const { props, lifted } = useDragItem(
    movingTrayItem(item, task),
    date,
    () => openPanel({ kind: 'task', id: taskId, trayId: id }),
    task ? taskKeys(task, date) : {},
    stops,
  );
  const drift = useDrift('tray', id, date);
  const isKeystone = useIsKeystone(taskId, date);
  const drawn = task ? drawnWords(task, workspace, zone, now) : [];
  const done = task?.doneAt === null ? '' : 'done';
  const name = [
    'In the tray',
    task?.title,
    estimate,
    done,
    isKeystone ? 'keystone' : '',
    ...drawn,
    task && kindWords(task, workspace),
    drift?.words,
  ]
    .filter(Boolean)
    .join(', ');
  return {
    task,
    hue,
    estimate,
    lifted,
    drift,
    isKeystone,
    props: { ...props, id: cardId(id), 'aria-label': name },
  };
}

/** The tray of a day as a place to let go: its ref, and its look while something is dragged. */
export function useTrayArea(date: string) {
  const { attach } = useDropArea({ kind: 'tray', date });
  const aimed = useDrag((state) => aimsAtTray(state, date));
  const dragging = useDrag(mayLieInTray);
  const idle = dragging ? 'border-dashed border-ink-soft' : 'border-transparent';
  return { attach, dragging, look: aimed ? 'border-pine bg-surface' : idle };
}
