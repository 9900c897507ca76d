import type { QuickTask } from '@/core/capture/quickTask';
import { addTaskOn, planNewTask } from '@/core/commands/plan';
import { addTask } from '@/core/commands/tasks';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Makes what a line says: a task, with its block or its place in a tray. Returns whether it went through. */
export function makeOfLine({ task, goes }: QuickTask): boolean {
  if (!goes) return store.run(addTask, task, `Added ${task.title}`);
  if (goes.kind === 'tray')
    return store.run(
      addTaskOn,
      { task, trayId: newId(), date: goes.date },
      `Added ${task.title}, in the tray of ${dateWords(goes.date)}`,
    );
  const { start, minutes } = goes;
  const { zone } = here();
  const { clock } = currentWorkspace().settings;
  const when = `${dateWords(dateOf(start, zone))}, ${clockWords(start, zone, clock)}, ${durationWords(minutes)}`;
  return store.run(
    planNewTask,
    { task, block: { id: newId(), taskId: task.id, start, minutes } },
    `Added ${task.title}: ${when}`,
  );
}
