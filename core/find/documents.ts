import type { AnyRecord } from '../model/records';
import { firstWords } from '../notes/firstWords';
import type { Workspace } from '../model/workspace';
import { gistOf } from '../weekly/pages';

/** What can be found, in what it is told by: `id` is the collection and the id of the record. */
export type Document = {
  readonly id: string;
  readonly title: string;
  /** Notes, steps, places. */
  readonly more: string;
  /** Whether it is still to be done, or still comes. */
  readonly open: boolean;
};

export const foundIn = [
  'tasks',
  'repeats',
  'events',
  'remarks',
  'intentions',
  'days',
  'goals',
  'weeks',
] as const;
export type FoundIn = (typeof foundIn)[number];

const joined = (...texts: readonly (string | undefined)[]) => texts.filter(Boolean).join('\n');

type Read<C extends FoundIn> = (record: NonNullable<ReturnType<Workspace[C]['get']>>) => Omit<Document, 'id'>;
const read: { readonly [C in FoundIn]: Read<C> } = {
  tasks: ({ title, notes, steps = [], doneAt }) => ({
    title,
    more: joined(notes, ...steps.map((step) => step.title)),
    open: doneAt === null,
  }),
  repeats: ({ title, notes }) => ({ title, more: notes, open: true }),
  events: ({ title, notes, location, exceptions }) => ({
    title,
    more: joined(notes, location, ...exceptions.map((exception) => exception.title)),
    open: true,
  }),
  remarks: ({ title, text }) => ({ title, more: text, open: false }),
  goals: ({ title, doneAt }) => ({ title, more: '', open: doneAt === null }),
  weeks: (page) => ({ title: gistOf(page), more: page.text, open: false }),
  days: ({ note }) => ({ title: firstWords(note), more: note, open: false }),
  intentions: ({ text, doneAt }) => ({ title: text, more: '', open: doneAt === null }),
};

/** What has come or changed since, and what has gone. */
export type Changes = { readonly put: readonly Document[]; readonly gone: readonly string[] };

/** What of a workspace differs from what is known of an earlier one; `known` is brought up to it. */
export function changesSince(known: Map<string, AnyRecord>, workspace: Workspace): Changes {
  const put: Document[] = [];
  const there = new Set<string>();
  const look = <C extends FoundIn>(name: C) => {
    for (const record of workspace[name].values()) {
      const id = `${name}/${record.id}`;
      there.add(id);
      if (known.get(id) === record) continue;
      known.set(id, record);
      // each name reads the records of its own collection
      put.push({ id, ...(read[name] as Read<FoundIn>)(record as never) });
    }
  };
  foundIn.forEach(look);
  const gone = [...known.keys()].filter((id) => !there.has(id));
  for (const id of gone) known.delete(id);
  return { put, gone };
}
