import { noteOrigin } from './provenance';
import type { AnyRecord, Collection, CollectionName, RecordOf, Workspace } from '../model/workspace';

/** A change to a workspace: pure, with the words that name it for undo ("Undo move"). */
export type Command<Input> = {
  readonly label: string;
  readonly apply: (workspace: Workspace, input: Input) => Workspace;
};

/** A command that cannot be carried out. The message is for the person; nothing has changed. */
export class CommandFailed extends Error {}

/** Makes a command; `label` completes "Undo …", so it is lower case. */
export const command = <Input>(label: string, apply: Command<Input>['apply']): Command<Input> => ({
  label,
  apply,
});

/** The record, or a failure that says what is missing. */
export function existing<R>(collection: Collection<R>, id: string, what: string): R {
  const found = collection[id];
  if (!found) throw new CommandFailed(`This ${what} is no longer there.`);
  return found;
}

/** The workspace with these records added or replaced. */
export function put<C extends CollectionName>(
  workspace: Workspace,
  name: C,
  ...records: RecordOf<C>[]
): Workspace {
  const base: Readonly<Record<string, AnyRecord>> = workspace[name];
  // TypeScript can't relate a union of collections to the one that C names
  const added = (records as AnyRecord[]).map((record): [string, AnyRecord] => [record.id, record]);
  const made = { ...base, ...Object.fromEntries(added) };
  noteOrigin(
    made,
    base,
    added.map(([id]) => id),
  );
  return { ...workspace, [name]: made };
}

/** The workspace without the records that `goes` picks; the very same workspace when none does. */
export function without<C extends CollectionName>(
  workspace: Workspace,
  name: C,
  goes: (record: RecordOf<C>) => boolean,
): Workspace {
  // Object.values forgets which collection C names
  const gone = (Object.values(workspace[name]) as RecordOf<C>[]).filter(goes).map(({ id }) => id);
  if (gone.length === 0) return workspace;
  const made: Record<string, AnyRecord> = { ...workspace[name] };
  for (const id of gone) delete made[id];
  noteOrigin(made, workspace[name], gone);
  return { ...workspace, [name]: made };
}
