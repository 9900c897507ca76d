import { z } from 'zod';
import { migrate } from '../model/migrations';
import { Settings } from '../model/settings';
import {
  SCHEMA_VERSION,
  collectionNames,
  recordSchemas,
  workspaceOf,
  type Workspace,
} from '../model/workspace';

const FORMAT = 'sprindle-workspace';

/** A whole workspace as one JSON file: each collection as a list of its records. */
export const WorkspaceFile = z.object({
  format: z.literal(FORMAT),
  version: z.literal(SCHEMA_VERSION),
  settings: Settings,
  lists: z.array(recordSchemas.lists).min(1),
  tasks: z.array(recordSchemas.tasks),
  calendars: z.array(recordSchemas.calendars),
  events: z.array(recordSchemas.events),
  blocks: z.array(recordSchemas.blocks),
  tray: z.array(recordSchemas.tray),
  entries: z.array(recordSchemas.entries),
  /** Missing in files older than repeating tasks and intentions. */
  repeats: z.array(recordSchemas.repeats).default([]),
  intentions: z.array(recordSchemas.intentions).default([]),
});

/** The JSON Schema (draft 2020-12) of a workspace file, drawn from the schemas that the program itself reads with. */
export const workspaceSchema = () => z.toJSONSchema(WorkspaceFile);

/** A file that cannot be taken as a workspace; the message says what is wrong and where. */
export class NotAWorkspace extends Error {}

/** The whole workspace as the text of a file that readWorkspaceFile reads back without loss. */
export function writeWorkspaceFile(workspace: Workspace): string {
  const collections = collectionNames.map((name) => [name, workspace[name].values()]);
  return JSON.stringify(
    {
      format: FORMAT,
      version: SCHEMA_VERSION,
      settings: workspace.settings,
      ...Object.fromEntries(collections),
    },
    null,
    1,
  );
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

const Head = z.looseObject({ format: z.literal(FORMAT), version: z.number().int().positive() });

/** Reads a workspace file. Throws NotAWorkspace for other files, for later versions, and for the first wrong field by its name. */
export function readWorkspaceFile(text: string): Workspace {
  const content = parsed(text);
  const head = Head.safeParse(content);
  if (!head.success) throw new NotAWorkspace('The file is not a Sprindle workspace.');
  if (head.data.version > SCHEMA_VERSION) {
    throw new NotAWorkspace(
      `The file was written by a later version of Sprindle (data version ${head.data.version}; this one reads up to ${SCHEMA_VERSION}).`,
    );
  }
  const { version, ...parts } = head.data;
  const migrated = Object.entries(parts).map(([name, part]) => [name, migrate(name, version, part)]);
  const read = WorkspaceFile.safeParse({ ...Object.fromEntries(migrated), version: SCHEMA_VERSION });
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new NotAWorkspace(`${issue?.path.join('.') ?? 'The file'}: ${issue?.message ?? 'cannot be read'}.`);
  }
  const { format: _, version: __, settings, ...lists } = read.data;
  return workspaceOf(lists, settings);
}

/** What a workspace holds, as people would count it. */
export function contentsOf(workspace: Workspace): string {
  const count = (name: (typeof collectionNames)[number], one: string, many: string) => {
    const n = workspace[name].size;
    return `${n} ${n === 1 ? one : many}`;
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
