import { pastedTasks, type Pasted } from '../capture/pasted';
import { bounds, shortened } from '../model/bounds';
import type { Zone } from '../time/zone';
import { readTaskTable, type TaskTable } from './csvTasks';

/** What a text of tasks holds: a table of them, several lines with what stands below them, or one line. */
export type TaskText =
  | { readonly kind: 'table'; readonly table: TaskTable }
  | { readonly kind: 'several'; readonly tasks: readonly Pasted[] }
  | { readonly kind: 'line'; readonly line: string };

/** Reads a text that was pasted, dropped or opened; `progress` hears which share (0 to 1) of a table has been read. */
export function readTaskText(
  text: string,
  now: number,
  zone: Zone,
  progress?: (share: number) => void,
): TaskText {
  const isLine = !text.trim().includes('\n');
  const table = isLine ? undefined : readTaskTable(text, now, zone, progress);
  if (table) return { kind: 'table', table };
  const tasks = isLine ? [] : pastedTasks(text);
  const [only] = tasks;
  if (tasks.length > 1 || (only && (only.steps.length > 0 || only.notes !== '')))
    return { kind: 'several', tasks };
  return { kind: 'line', line: shortened(text.replace(/\s*\n\s*/g, ' '), bounds.title) };
}
