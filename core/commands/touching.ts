import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { untouchedTime } from '../tasks/repeating';
import { command, existing, put, type Command } from './command';

/** The workspace in which a time of a repeating task is a task of its own, with its place; other ids change nothing. */
export function touched(workspace: Workspace, id: Id): Workspace {
  const time = workspace.tasks.has(id) ? undefined : untouchedTime(workspace.repeats, id);
  const { repeats } = time?.task ?? {};
  if (!time || !repeats) return workspace;
  const repeating = existing(workspace.repeats, repeats.id, 'repeating task');
  const left = put(workspace, 'repeats', {
    ...repeating,
    without: [...repeating.without, repeats.recurrence],
  });
  const withTask = put(left, 'tasks', time.task);
  const withBlock = time.block ? put(withTask, 'blocks', time.block) : withTask;
  return time.item ? put(withBlock, 'tray', time.item) : withBlock;
}

/**
 * A command about a task or its place, whose id stands in a field of the input; a time of a repeating task becomes a
 * task of its own first.
 */
export const commandOn = <Field extends string, Input extends Record<Field, Id>>(
  label: string,
  field: Field,
  apply: Command<Input>['apply'],
): Command<Input> => command(label, (workspace, input) => apply(touched(workspace, input[field]), input));
