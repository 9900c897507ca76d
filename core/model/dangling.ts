import { collectionNames, kindOf, type AnyRecord, type CollectionName } from './records';
import type { Workspace } from './workspace';

/** What of a workspace points at records that are not there: how many of a collection, at what. */
type Dangling = { readonly from: CollectionName; readonly to: string; readonly count: number };

/** What points at something that is not there. It is drawn as far as it goes, so nothing has to be done about it. */
export function dangling(workspace: Workspace): Dangling[] {
  const missing = (from: CollectionName, to: string, idsOf: (record: AnyRecord) => readonly string[]) => {
    const there = workspace[to as CollectionName]; // what the table points at is a collection
    const count = workspace[from]
      .values()
      .filter((record) => idsOf(record).some((id) => !there.has(id))).length;
    return count > 0 ? [{ from, to, count }] : [];
  };
  const listOf = (record: AnyRecord) =>
    'listId' in record && record.listId !== undefined ? [record.listId] : [];
  return [
    ...collectionNames.flatMap((from) =>
      (kindOf(from).refers ?? []).flatMap(({ to, ids }) => missing(from, to, ids)),
    ),
    ...missing('tasks', 'lists', listOf),
    ...missing('repeats', 'lists', listOf),
  ];
}

const names: Readonly<Record<string, readonly [one: string, many: string]>> = {
  blocks: ['block', 'blocks'],
  tasks: ['task', 'tasks'],
  messages: ['message', 'messages'],
  attachments: ['attached file', 'attached files'],
  links: ['link', 'links'],
  tray: ['line of a tray', 'lines of trays'],
  events: ['event', 'events'],
  repeats: ['repeating task', 'repeating tasks'],
  frames: ['frame', 'frames'],
  frameHolds: ['line about frames', 'lines about frames'],
  templates: ['template', 'templates'],
  categoryRules: ['rule for a category', 'rules for categories'],
  seals: ['sealed week', 'sealed weeks'],
  goals: ['goal', 'goals'],
};

/** The same as problems of a file. */
export const danglingWords = (workspace: Workspace): { what: string; hint: string }[] =>
  dangling(workspace).map(({ from, to, count }) => ({
    what: `${count} ${names[from]?.[count === 1 ? 0 : 1] ?? from} point${count === 1 ? 's' : ''} at ${to} that are not in the file`,
    hint: count === 1 ? 'It came in all the same.' : 'They came in all the same.',
  }));
