import type { z } from 'zod';
import { Collection } from './collection';
import { Calendar, CalendarEvent } from './event';
import { Block, Intention, TimeEntry, TrayItem } from './plan';
import { RepeatingTask } from './repeating';
import type { Settings } from './settings';
import { defaultSettings } from './settings';
import { Task, TaskList } from './task';

/** Rises when stored data changes its shape; migrations.ts brings older data up to it. */
export const SCHEMA_VERSION = 2;

/** The schema of one record of each collection. */
export const recordSchemas = {
  lists: TaskList,
  tasks: Task,
  calendars: Calendar,
  events: CalendarEvent,
  blocks: Block,
  tray: TrayItem,
  entries: TimeEntry,
  repeats: RepeatingTask,
  intentions: Intention,
} as const;

export type CollectionName = keyof typeof recordSchemas;
export type RecordOf<C extends CollectionName> = z.infer<(typeof recordSchemas)[C]>;
export type AnyRecord = RecordOf<CollectionName>;

/** All of a person's data, immutable. */
export type Workspace = { readonly settings: Settings } & {
  readonly [C in CollectionName]: Collection<RecordOf<C>>;
};

// Object.keys forgets the key type
export const collectionNames = Object.keys(recordSchemas) as CollectionName[];

const month = (instant: number) => new Date(instant).toISOString().slice(0, 7);

/** The part of its collection that a record lies in. What has a month is kept by month. */
const partOf: { [C in CollectionName]: (record: RecordOf<C>) => string } = {
  lists: () => 'all',
  calendars: () => 'all',
  tasks: ({ doneAt }) => (doneAt === null ? 'open' : `done-${month(doneAt)}`),
  events: ({ calendarId }) => calendarId,
  blocks: ({ start }) => month(start),
  tray: ({ date }) => date.slice(0, 7),
  entries: ({ from }) => month(from),
  repeats: () => 'all',
  intentions: ({ date }) => date.slice(0, 7),
};

type Contents = { readonly [C in CollectionName]?: Iterable<RecordOf<C>> };

/** The list that every person has from the start and that deleted lists' tasks can go to. */
export const firstList: TaskList = { id: 'first-list', name: 'General', hue: 'slate', icon: 'pen', rank: 0 };

/** A workspace of these records; without lists it gets the first one, as every task needs a list. */
export function workspaceOf(contents: Contents, settings: Settings = defaultSettings): Workspace {
  const lists = Collection.of(partOf.lists, contents.lists);
  return {
    settings,
    lists: lists.size > 0 ? lists : lists.with([firstList]),
    tasks: Collection.of(partOf.tasks, contents.tasks),
    calendars: Collection.of(partOf.calendars, contents.calendars),
    events: Collection.of(partOf.events, contents.events),
    blocks: Collection.of(partOf.blocks, contents.blocks),
    tray: Collection.of(partOf.tray, contents.tray),
    entries: Collection.of(partOf.entries, contents.entries),
    repeats: Collection.of(partOf.repeats, contents.repeats),
    intentions: Collection.of(partOf.intentions, contents.intentions),
  };
}

export const emptyWorkspace: Workspace = workspaceOf({});
