import { lineOf } from '@/core/capture/writeLine';
import { writeChecklist } from '@/core/formats/checklist';
import { writeTaskTable } from '@/core/formats/csvTasks';
import { rowOf } from '@/core/formats/rowOf';
import type { Task } from '@/core/model/task';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { session } from '@/state/session';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { download } from './download';
import { calendarText } from './files';

export type TaskFormat = 'table' | 'checklist' | 'calendar';

const formats = {
  table: { ending: 'csv', type: 'text/csv' },
  checklist: { ending: 'md', type: 'text/markdown' },
  calendar: { ending: 'ics', type: 'text/calendar' },
} as const satisfies Record<TaskFormat, object>;

/** Tasks as a Markdown checklist in which each line reads back as the task. */
export function checklistOf(tasks: readonly Task[]): string {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const reader = { workspace, meetings: [], now, zone };
  return writeChecklist(
    tasks.map((task) => rowOf(task, workspace)),
    (row, at) => {
      const task = tasks[at];
      return task ? lineOf(task, reader) : row.title;
    },
  );
}

async function textOf(tasks: readonly Task[], format: TaskFormat): Promise<string> {
  const workspace = currentWorkspace();
  if (format === 'checklist') return checklistOf(tasks);
  if (format === 'table') return writeTaskTable(tasks.map((task) => rowOf(task, workspace)));
  const calendar = { name: 'Sprindle tasks', color: null, kept: [], events: [], tasks, blocks: [] };
  return calendarText([calendar], here());
}

/** Hands tasks to the person as a file. */
export async function saveTasks(tasks: readonly Task[], format: TaskFormat): Promise<void> {
  const { zone, now } = here();
  const { ending, type } = formats[format];
  const name = `sprindle-${session.space}-tasks-${dateOf(now, zone)}.${ending}`;
  download(name, await textOf(tasks, format), type);
  store.say(`Exported ${tasks.length === 1 ? 'one task' : `${tasks.length} tasks`} as ${name}`);
}
