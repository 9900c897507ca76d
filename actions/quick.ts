import { ruleWords } from '@/core/calendar/repeat';
import type { QuickLine } from '@/core/capture/quickLine';
import type { QuickTask } from '@/core/capture/quickTask';
import { addCategory } from '@/core/commands/categories';
import { addCaptured } from '@/core/commands/capture';
import { noteScratch } from '@/core/commands/scratch';
import { addListNamed, addRows } from '@/core/commands/rows';
import type { TaskRow } from '@/core/formats/taskRows';
import type { Id } from '@/core/model/common';
import { dateWords, durationWords, momentWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Where a task of a line has gone, in words. */
function placedWords({ goes, comes }: QuickTask): string {
  if (!goes) return '';
  const { settings } = currentWorkspace();
  const { zone } = here();
  const again = comes ? `, ${ruleWords(comes.rule, comes.start.wall.slice(0, 10), settings)}` : '';
  if (goes.kind === 'tray') return `, in the tray of ${dateWords(goes.date, settings)}${again}`;
  const { start, minutes } = goes;
  return `: ${momentWords(start, zone, settings)}, ${durationWords(minutes)}${again}`;
}

/** Makes what lines say, and lists that they go to, in one step. Returns whether it went through. */
export function makeOfLines(
  quick: readonly QuickTask[],
  lists: readonly { id: Id; name: string }[] = [],
): boolean {
  const all = quick.map((each) => ({ ...each, placeId: newId(), repeatId: newId() }));
  const [first] = quick;
  const words =
    first && quick.length === 1
      ? `Added ${first.task.title}${placedWords(first)}`
      : `Added ${quick.length} tasks`;
  return store.run(addCaptured, { all, lists }, words);
}

/** Keeps a line as a scratch note of today, as it was typed. */
export function noteLine(text: string): boolean {
  const { now, zone } = here();
  const note = { id: newId(), text, notedAt: now, date: dateOf(now, zone) };
  return store.run(noteScratch, note, `Noted: ${text}`);
}

/** Makes tasks of the rows of a table, in one step. */
export const makeOfRows = (rows: readonly TaskRow[], makesLists: boolean): boolean =>
  store.run(
    addRows,
    { rows, newId, makesLists, at: here().now },
    rows.length === 1 ? `Added ${rows[0]?.title ?? 'a task'}` : `Added ${rows.length} tasks`,
  );

/** Adds a list or a category by its name, as a line told it. */
export const makeMissing = ({ kind, name }: NonNullable<QuickLine['missing']>): boolean =>
  kind === 'list'
    ? store.run(addListNamed, { id: newId(), name }, `Added the list ${name}`)
    : store.run(addCategory, { name }, `Added the category ${name}`);
