import { addTask } from '../commands/tasks';
import type { Id } from '../model/common';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { firstList } from '../model/workspace';
import { judge, type Finding } from '../plan/judge';
import { lengthOfTask, newTask } from '../tasks/newTask';
import { inRank } from '../tasks/order';
import { instantOf, type Zone } from '../time/zone';
import type { Meaning, QuickLine } from './quickLine';

/** Where a task of a line goes: onto hours (epoch ms, minutes), into the tray of a day, or nowhere yet. */
export type Goes =
  | { readonly kind: 'hours'; readonly start: number; readonly minutes: number }
  | { readonly kind: 'tray'; readonly date: string }
  | null;

export type QuickTask = { readonly task: Omit<Task, 'rank'>; readonly goes: Goes };

/** What a line says of one kind, if it says anything. */
const valueOf = <K extends Meaning['kind']>({ chips }: QuickLine, kind: K) =>
  chips.find((chip) => chip.kind === kind)?.value as Extract<Meaning, { kind: K }>['value'] | undefined; // of its kind

/** The task that a line says, and where it goes. Without a list it goes to the first. `createdAt` in epoch ms. */
export function quickTaskOf(
  line: QuickLine,
  workspace: Workspace,
  { id, createdAt, zone }: { readonly id: Id; readonly createdAt: number; readonly zone: Zone },
): QuickTask {
  const [first = firstList] = inRank(workspace.lists);
  const category = valueOf(line, 'category');
  const energy = valueOf(line, 'energy');
  const task = newTask({
    id,
    title: line.title,
    listId: valueOf(line, 'list') ?? first.id,
    createdAt,
    estimate: valueOf(line, 'length') ?? null,
    due: valueOf(line, 'due') ?? null,
    priority: valueOf(line, 'priority') ?? 'normal',
    ...(category === undefined ? {} : { category }),
    ...(energy === undefined ? {} : { energy }),
  });
  const when = valueOf(line, 'when');
  if (!when) return { task, goes: null };
  if (when.time === null) return { task, goes: { kind: 'tray', date: when.date } };
  const start = instantOf(`${when.date}T${when.time}`, zone);
  return { task, goes: { kind: 'hours', start, minutes: lengthOfTask(task) } };
}

/** What it means that the task of a line stands where it is to go. */
export function judgeLine(workspace: Workspace, { task, goes }: QuickTask, zone: Zone): Finding[] {
  if (!goes) return [];
  const made = addTask.apply(workspace, task);
  return judge(made, { what: { kind: 'task', taskId: task.id }, to: goes }, { zone });
}
