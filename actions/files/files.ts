import { later } from '@/ui/later';

/*
 * What reads and writes files is loaded when it is first needed.
 */

const calendars = later(() => import('./calendarFiles'));
const workspaces = later(() => import('./workspaceFiles'));

/** Takes a file for what its name says: a workspace (.json), else a calendar. */
export async function takeFile(file: File): Promise<void> {
  if (/\.json$/i.test(file.name)) await (await workspaces.load()).openWorkspaceFile(file);
  else await (await calendars.load()).importCalendarFile(file);
}

/** Hands the whole workspace to the person as one JSON file; what could not be opened, as it lies on the disk. */
export const exportWorkspace = async () => (await workspaces.load()).exportWorkspace();

/** Hands the errors of late to the person as a file. */
export const saveErrors = async () => (await workspaces.load()).saveErrors();

/** Hands what was found damaged in storage to the person, as it stood there. */
export const saveDamagedParts = async () => (await workspaces.load()).saveDamagedParts();
