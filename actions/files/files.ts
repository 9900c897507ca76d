import type { writeCalendar } from '@/core/formats/writeCalendar';
import type { Frame } from '@/core/model/frame';
import { later } from '@/ui/later';

/*
 * What reads and writes files is loaded when it is first needed.
 */

const calendars = later(() => import('./calendarFiles'));
const workspaces = later(() => import('./workspaceFiles'));

const tasks = later(() => import('./openTaskFile'));
const texts = later(() => import('@/core/formats/writeCalendar'));
const messages = later(() => import('./messageFiles'));
const frames = later(() => import('./frameFiles'));
const cards = later(() => import('./cardFiles'));

/** Takes a file that was chosen as a calendar, whatever its name says. */
export const takeCalendar = async (file: File) => (await calendars.load()).importCalendarFile(file);

/** Whether a file is a message, or several in one. */
export const isMessage = ({ name }: File): boolean => /\.(eml|mbox|mbx)$/i.test(name);

/** Shows messages, to make tasks of them. */
export const openMessages = async (files: readonly File[]) => (await messages.load()).openMessages(files);

/** Takes a file for what its name says: a workspace (.json), tasks in a table or a list (.csv, .tsv, .md, .txt), people (.vcf), else a calendar. */
export async function takeFile(file: File): Promise<void> {
  if (/\.json$/i.test(file.name)) await (await workspaces.load()).openWorkspaceFile(file);
  else if (/\.(csv|tsv|md|txt)$/i.test(file.name)) await (await tasks.load()).openTaskFile(file);
  else if (/\.(vcf|vcard)$/i.test(file.name)) await (await cards.load()).importCards(file);
  else if (isMessage(file)) await openMessages([file]);
  else await takeCalendar(file);
}

/** Shows a long text of tasks as it is understood, read away from the interface; `name` says what it is. */
export const openTaskText = async (name: string, text: string) =>
  (await tasks.load()).openTaskText(name, text);

/** Hands the whole workspace to the person as one JSON file; what could not be opened, as it lies on the disk. */
export const exportWorkspace = async () => (await workspaces.load()).exportWorkspace();

/** Makes a frame of a calendar file, and gives its id if anything came of it. */
export const bringFrameFromFile = async (file: File) => (await frames.load()).bringFrameFromFile(file);

/** Hands a frame to the person as a picture. */
export const saveFramePicture = async (frame: Frame) => (await frames.load()).saveFramePicture(frame);

/** Prints a frame on a page of its own. */
export const printFrame = async (frame: Frame) => (await frames.load()).printFrame(frame);

/** Calendars as the text of a calendar file. */
export const calendarText = async (...written: Parameters<typeof writeCalendar>) =>
  (await texts.load()).writeCalendar(...written);

/** Hands the errors of late to the person as a file. */
export const saveErrors = async () => (await workspaces.load()).saveErrors();

/** Hands what was found damaged in storage to the person, as it stood there. */
export const saveDamagedParts = async () => (await workspaces.load()).saveDamagedParts();
