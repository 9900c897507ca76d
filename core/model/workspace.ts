import type { z } from 'zod';
import { Calendar, CalendarEvent } from './event';
import { Block, TimeEntry, TrayItem } from './plan';
import type { Settings } from './settings';
import { defaultSettings } from './settings';
import { Task, TaskList } from './task';

/** Rises when stored data changes its shape; state/migrations.ts brings older data up to it. */
export const SCHEMA_VERSION = 1;

/** The schema of one record of each collection. */
export const recordSchemas = {
  lists: TaskList,
  tasks: Task,
  calendars: Calendar,
  events: CalendarEvent,
  blocks: Block,
  tray: TrayItem,
  entries: TimeEntry,
} as const;

export type CollectionName = keyof typeof recordSchemas;
export type RecordOf<C extends CollectionName> = z.infer<(typeof recordSchemas)[C]>;
export type AnyRecord = RecordOf<CollectionName>;
export type Collection<R> = Readonly<Record<string, R>>;

/** All of a person's data, immutable, each collection by id. */
export type Workspace = { readonly settings: Settings } & {
  readonly [C in CollectionName]: Collection<RecordOf<C>>;
};

// Object.keys forgets the key type
export const collectionNames = Object.keys(recordSchemas) as CollectionName[];

/** The list that every person has from the start and that deleted lists' tasks can go to. */
export const firstList: TaskList = { id: 'first-list', name: 'General', hue: 'slate', icon: 'pen', rank: 0 };

export const emptyWorkspace: Workspace = {
  settings: defaultSettings,
  lists: { [firstList.id]: firstList },
  tasks: {},
  calendars: {},
  events: {},
  blocks: {},
  tray: {},
  entries: {},
};
