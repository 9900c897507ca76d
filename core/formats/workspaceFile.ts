import { z } from 'zod';
import { withCategoriesOfText } from '../model/categories';
import { FromTheFuture, migrate, Versioned, versionOf } from '../model/migrations';
import { collectionNames, isCollection, records, type CollectionName } from '../model/records';
import { defaultSettings, Settings } from '../model/settings';
import { workspaceOf, type Contents, type Unknown, type Workspace } from '../model/workspace';

const FORMAT = 'sprindle-workspace';
/** Rises when the file itself changes its shape; from 3 on it tells the version of each collection. */
const FILE_VERSION = 3;

const lists = Object.fromEntries(
  collectionNames.map((name) => [name, z.array(records[name].schema as z.ZodType).default([])]),
);

/** A whole workspace as one JSON file: each collection as a list of its records. */
export const WorkspaceFile = z.looseObject({
  format: z.literal(FORMAT),
  version: z.literal(FILE_VERSION),
  /** The version of the shape of each collection and of the settings. */
  versions: z.record(z.string(), z.number().int().positive()),
  settings: Settings.default(defaultSettings),
  ...lists,
});

/** The JSON Schema (draft 2020-12) of a workspace file, drawn from the schemas that the program itself reads with. */
export const workspaceSchema = () => z.toJSONSchema(WorkspaceFile);

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

/**
 * Stored partitions (name → text, as in storage) as the text of a workspace file, unread but for their versions: for a
 * build that wrote them to open. What is no partition stands under `unreadable`.
 */
export function fileOfPartitions(texts: Readonly<Record<string, string>>): string {
  const versions: Record<string, number> = {};
  const contents: Record<string, unknown> = {};
  const unreadable: Record<string, string> = {};
  for (const [partition, text] of Object.entries(texts)) {
    const [name = ''] = partition.split('/');
    try {
      const { version, content } = Versioned.parse(JSON.parse(text));
      versions[name] = Math.max(version, versions[name] ?? 0);
      const before = contents[name] ?? [];
      contents[name] = Array.isArray(content)
        ? [...(Array.isArray(before) ? before : []), ...content]
        : content;
    } catch {
      unreadable[partition] = text;
    }
  }
  const more = Object.keys(unreadable).length > 0 ? { unreadable: [unreadable] } : {};
  return JSON.stringify({ format: FORMAT, version: FILE_VERSION, versions, ...contents, ...more }, null, 1);
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
  version: z.number().int().positive(),
  versions: z.record(z.string(), z.number().int().positive()).default({}),
});

/** Reads a workspace file. Throws NotAWorkspace for other files, for later versions, and for the first wrong field by its name. */
export function readWorkspaceFile(text: string): Workspace {
  const content = parsed(text);
  const head = Head.safeParse(content);
  if (!head.success) throw new NotAWorkspace('The file is not a Sprindle workspace.');
  const { format: _, version, versions, ...parts } = head.data;
  if (version > FILE_VERSION) throw new NotAWorkspace(laterWords(version, FILE_VERSION));
  // older files have one version for all
  const versionIn = (name: string) => versions[name] ?? version;
  const known: Record<string, unknown> = {};
  const unknown: Record<string, Unknown[string]> = {};
  for (const [name, part] of Object.entries(parts)) {
    if (name === 'settings' || isCollection(name)) known[name] = migrated(name, versionIn(name), part);
    else unknown[`${name}/all`] = { version: versionIn(name), content: part };
  }
  const file = { format: FORMAT, version: FILE_VERSION, versions, ...known };
  const read = WorkspaceFile.safeParse(file);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new NotAWorkspace(`${issue?.path.join('.') ?? 'The file'}: ${issue?.message ?? 'cannot be read'}.`);
  }
  // each collection was parsed by the schema of its own records
  const workspace = workspaceOf(read.data as unknown as Contents, read.data.settings, unknown);
  return 'categories' in parts ? workspace : withCategoriesOfText(workspace);
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
