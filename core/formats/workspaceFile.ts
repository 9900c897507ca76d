import * as z from '../zod';
import { withCategoriesOfText } from '../model/categories';
import { FromTheFuture, migrate, versionOf } from '../model/migrations';
import { shortened } from '../model/bounds';
import { issueWords } from '../model/common';
import { danglingWords } from '../model/dangling';
import {
  collectionNames,
  isCollection,
  kindOf,
  records,
  type AnyRecord,
  type CollectionName,
} from '../model/records';
import { defaultSettings, Settings } from '../model/settings';
import { FILE_VERSION, FORMAT } from './partitionsFile';
import { workspaceOf, type Contents, type Unknown, type Workspace } from '../model/workspace';

const lists = Object.fromEntries(
  collectionNames.map((name) => [name, z._default(z.array(records[name].schema as z.ZodMiniType), [])]),
);

/** The versions of the shapes of collections, by name. */
const Versions = z.record(z.string(), z.int().check(z.positive()));

/** A whole workspace as one JSON file: each collection as a list of its records. */
export const WorkspaceFile = z.looseObject({
  format: z.literal(FORMAT),
  version: z.literal(FILE_VERSION),
  /** The version of the shape of each collection and of the settings. */
  versions: Versions,
  settings: z._default(Settings, defaultSettings),
  ...lists,
});

/** A file that cannot be taken as a workspace; the message says what is wrong and where. */
export class NotAWorkspace extends Error {}

/** The whole workspace as the text of a file that readWorkspaceFile reads back without loss. */
export function writeWorkspaceFile(workspace: Workspace): string {
  const known = collectionNames.map((name) => [name, workspace[name].values()] as const);
  const unknown = new Map<string, { version: number; content: unknown[] }>();
  for (const [partition, { version, content }] of Object.entries(workspace.unknown)) {
    const [name = ''] = partition.split('/');
    const before = unknown.get(name)?.content ?? [];
    unknown.set(name, { version, content: [...before, ...[content].flat()] });
  }
  const file = {
    format: FORMAT,
    version: FILE_VERSION,
    versions: {
      ...Object.fromEntries([...collectionNames, 'settings'].map((name) => [name, versionOf(name)])),
      ...Object.fromEntries([...unknown].map(([name, { version }]) => [name, version])),
    },
    settings: workspace.settings,
    ...Object.fromEntries(known),
    ...Object.fromEntries([...unknown].map(([name, { content }]) => [name, content])),
  };
  return JSON.stringify(file, null, 1);
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    throw new NotAWorkspace(
      `The file is not JSON: ${error instanceof Error ? error.message : 'it cannot be read'}.`,
    );
  }
}

const Head = z.looseObject({
  format: z.literal(FORMAT),
  version: z.int().check(z.positive()),
  versions: z._default(Versions, {}),
});

/** Something of a workspace file that could not be taken as it stands, and what became of it. */
export type FileProblem = { readonly what: string; readonly hint: string };

/**
 * Reads a workspace file. Records that do not fit their schema are left out, texts and lists longer than bounds are
 * shortened, and both are told; what points at nothing comes in, and is told too. Throws NotAWorkspace for other files
 * and for those of later versions. `progress` hears which share (0 to 1) of the records has been read.
 */
export function readWorkspaceFile(
  text: string,
  progress: (share: number) => void = () => undefined,
): { workspace: Workspace; problems: FileProblem[] } {
  const content = parsed(text);
  const head = Head.safeParse(content);
  if (!head.success) throw new NotAWorkspace('The file is not a Sprindle workspace.');
  const { format: _, version, versions, ...parts } = head.data;
  if (version > FILE_VERSION) throw new NotAWorkspace(laterWords(version, FILE_VERSION));
  // older files have one version for all
  const versionIn = (name: string) => versions[name] ?? version;
  const problems: FileProblem[] = [];
  const tell = counted(parts, progress);
  const known: Record<string, unknown[]> = {};
  const unknown: Record<string, Unknown[string]> = {};
  let settings = defaultSettings;
  for (const [name, part] of Object.entries(parts)) {
    if (isCollection(name))
      known[name] = recordsOf(name, migrated(name, versionIn(name), part), problems, tell);
    else if (name === 'settings') {
      const read = Settings.safeParse(migrated(name, versionIn(name), part));
      if (read.success) settings = read.data;
      else
        problems.push({ what: `settings: ${issueWords(read.error)}`, hint: 'They are as at the beginning.' });
    } else unknown[`${name}/all`] = { version: versionIn(name), content: part };
  }
  // each record was parsed by the schema of its own collection
  const read = workspaceOf(known as unknown as Contents, settings, unknown);
  const workspace = 'categories' in parts ? read : withCategoriesOfText(read);
  return { workspace, problems: [...problems, ...danglingWords(workspace)] };
}

/** How many records are read between two reports of progress. */
const TOLD_EVERY = 2000;

/** Counts the records that are read, and tells from time to time which share of all it has come to. */
function counted(parts: object, progress: (share: number) => void): () => void {
  const total = Object.values(parts).reduce<number>(
    (sum, part: unknown) => sum + (Array.isArray(part) ? part.length : 0),
    0,
  );
  let read = 0;
  return () => {
    read += 1;
    if (read % TOLD_EVERY === 0) progress(read / total);
  };
}

const Named = z.looseObject({
  title: z.optional(z.string()),
  name: z.optional(z.string()),
  id: z.optional(z.string()),
});

/** A record of a file as a problem names it: its collection, its place, and what it is called. */
function nameOf(collection: string, place: number, record: unknown): string {
  const { title, name, id } = Named.safeParse(record).data ?? {};
  const called = title || name || id;
  return `${collection}, record ${place + 1}${called ? ` “${shortened(called, 60)}”` : ''}`;
}

/** The records of one collection of a file that fit its schema. */
function recordsOf(
  name: CollectionName,
  part: unknown,
  problems: FileProblem[],
  tell: () => void,
): AnyRecord[] {
  if (!Array.isArray(part)) throw new NotAWorkspace(`${name}: is no list.`);
  const { schema } = kindOf(name);
  return part.flatMap((record: unknown, place) => {
    tell();
    const read = schema.safeParse(record);
    const called = () => nameOf(name, place, record);
    if (!read.success) {
      problems.push({ what: `${called()}: ${issueWords(read.error)}`, hint: 'It was left out.' });
      return [];
    }
    const cut = cutFields(record, read.data);
    if (cut.length > 0)
      problems.push({
        what: `${called()}: ${cut.join(', ')} longer than is kept`,
        hint: 'It was shortened.',
      });
    return [read.data];
  });
}

/** The fields of a record that came out of its schema shorter than they went in. */
function cutFields(given: unknown, read: AnyRecord): string[] {
  const before = new Map(Object.entries(given as object)); // it fitted the schema of a record
  return Object.entries(read).flatMap(([field, value]) => {
    const was: unknown = before.get(field);
    const cut =
      (typeof value === 'string' && value !== was) ||
      (typeof value === 'number' && value !== was) ||
      (Array.isArray(value) && Array.isArray(was) && value.length !== was.length);
    return cut ? [field] : [];
  });
}

const laterWords = (version: number, known: number) =>
  `The file was written by a later version of Sprindle (data version ${version}; this one reads up to ${known}).`;

function migrated(name: string, version: number, part: unknown): unknown {
  try {
    return migrate(name, version, part);
  } catch (error) {
    if (!(error instanceof FromTheFuture)) throw error;
    throw new NotAWorkspace(laterWords(version, versionOf(name)));
  }
}

/** What a workspace holds, as people would count it. */
export function contentsOf(workspace: Workspace): string {
  const count = (name: CollectionName, singular: string, many: string) => {
    const n = workspace[name].size;
    return `${n} ${n === 1 ? singular : many}`;
  };
  return [
    count('tasks', 'task', 'tasks'),
    count('lists', 'list', 'lists'),
    count('events', 'event', 'events'),
    count('calendars', 'calendar', 'calendars'),
    count('blocks', 'block', 'blocks'),
    count('entries', 'time entry', 'time entries'),
  ].join(', ');
}
