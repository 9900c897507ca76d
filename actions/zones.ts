import { usualList } from '@/core/tasks/lists';
import { changeSettings } from '@/core/commands/calendar';
import { addTaskOn } from '@/core/commands/plan';
import type { FrameZone } from '@/core/model/frame';
import { newTask } from '@/core/tasks/newTask';
import { dateWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Shows the zones of the frame behind the days, or hides them. */
export const toggleZones = () =>
  store.run(changeSettings, { showZones: !currentWorkspace().settings.showZones });

/** Makes a task of a written line of a zone, of what belongs there, in the tray of a date; the line stays for other weeks. */
export function taskOfLine(title: string, { lists, category, categories }: FrameZone, date: string): void {
  const workspace = currentWorkspace();
  const first = usualList(workspace);
  const listId = lists.find((id) => workspace.lists.has(id)) ?? first.id;
  const kind = category ?? categories[0];
  const task = newTask({
    id: newId(),
    title,
    listId,
    createdAt: here().now,
    ...(kind === undefined ? {} : { category: kind }),
  });
  store.run(
    addTaskOn,
    { task, trayId: newId(), date },
    `${title} is in the tray of ${dateWords(date, workspace.settings)}`,
  );
}
