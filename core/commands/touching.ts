import type { Id } from '../model/common';
import { touched } from '../tasks/repeating';
import { command, type Command } from './command';

/**
 * A command about a task or its place, whose id stands in a field of the input; a time of a repeating task becomes a
 * task of its own first.
 */
export const commandOn = <Field extends string, Input extends Record<Field, Id>>(
  label: string,
  field: Field,
  apply: Command<Input>['apply'],
): Command<Input> => command(label, (workspace, input) => apply(touched(workspace, input[field]), input));
