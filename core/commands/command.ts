import type { Collection, Stored } from '../model/collection';
import type { CollectionName, RecordOf, Workspace } from '../model/workspace';

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
export function existing<R extends Stored>(collection: Collection<R>, id: string, what: string): R {
  const found = collection.get(id);
  if (!found) throw new CommandFailed(`This ${what} is no longer there.`);
  return found;
}

/** The workspace with these records added or replaced. */
export const put = <C extends CollectionName>(
  workspace: Workspace,
  name: C,
  ...records: RecordOf<C>[]
): Workspace => ({ ...workspace, [name]: collectionOf(workspace, name).with(records) });

/** The workspace without the records that `goes` picks; the very same workspace when none does. */
export function without<C extends CollectionName>(
  workspace: Workspace,
  name: C,
  goes: (record: RecordOf<C>) => boolean,
): Workspace {
  const collection = collectionOf(workspace, name);
  const gone = collection.values().filter(goes);
  if (gone.length === 0) return workspace;
  const ids = gone.map(({ id }) => id);
  return { ...workspace, [name]: collection.with([], ids) };
}

// TypeScript can't relate a union of collections to the one that C names
const collectionOf = <C extends CollectionName>(workspace: Workspace, name: C) =>
  workspace[name] as unknown as Collection<RecordOf<C>>;
