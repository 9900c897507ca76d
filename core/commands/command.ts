import { groupedBy, type Collection, type Stored } from '../model/collection';
import {
  collectionNames,
  kindOf,
  type AnyRecord,
  type CollectionName,
  type RecordOf,
} from '../model/records';
import { forgottenInSettings } from '../model/settings';
import type { Workspace } from '../model/workspace';

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
  ...added: RecordOf<C>[]
): Workspace =>
  added.length === 0 ? workspace : { ...workspace, [name]: collectionOf(workspace, name).with(added) };

/** The workspace without the records of these ids; the very same workspace when there are none. What points at them stays. */
export function without(workspace: Workspace, name: CollectionName, ids: readonly string[]): Workspace {
  const there = ids.filter((id) => workspace[name].has(id));
  return there.length === 0
    ? workspace
    : { ...workspace, [name]: collectionOf(workspace, name).with([], there) };
}

/** What of the table points at something, each with its records by the ids that they point at. */
const references = collectionNames.flatMap((name) =>
  (kindOf(name).refers ?? []).map((reference) => ({
    name,
    ...reference,
    pointingAt: groupedBy<AnyRecord>(reference.ids),
  })),
);

/**
 * The workspace without these records and without a trace of them: what the table says goes with them goes, the rest
 * loses what pointed at them, and so do the settings.
 */
export function forget(workspace: Workspace, name: CollectionName, ids: readonly string[]): Workspace {
  if (ids.length === 0) return workspace;
  let bare = without(workspace, name, ids);
  for (const reference of references.filter(({ to }) => to === name)) {
    const gone: string[] = [];
    for (const id of ids) {
      const pointing = reference.pointingAt(collectionOf(bare, reference.name), id);
      const left = pointing.map((record) => ({ record, rest: reference.without(record, id) }));
      gone.push(...left.flatMap(({ record, rest }) => (rest ? [] : [record.id])));
      const kept = left.flatMap(({ rest }) => rest ?? []);
      if (kept.length > 0) bare = put(bare, reference.name, ...(kept as never[])); // of this collection
    }
    if (gone.length > 0) bare = forget(bare, reference.name, gone);
  }
  return { ...bare, settings: forgottenInSettings(bare.settings, name, ids) };
}

/** Deletes one record with all that points at it. */
export const deleteRecord = command(
  'delete',
  (workspace, { part, id }: { part: CollectionName; id: string }) => forget(workspace, part, [id]),
);

// TypeScript can't relate a union of collections to the one that C names
const collectionOf = <C extends CollectionName>(workspace: Workspace, name: C) =>
  workspace[name] as unknown as Collection<RecordOf<C>>;
