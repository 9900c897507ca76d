import { here } from '@/state/here';
import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { readTaskFile } from '@/workers/fileReader';
import { isTooLarge, NOTHING_CHANGED, watched } from './reading';

/** A text that lists more tasks than anyone has is no list of tasks. */
const LARGEST = 10_000_000;

/** Opens a text file of tasks (CSV, TSV, Markdown, plain lines) in the quick line, where each is seen as it is understood. */
export async function openTaskFile(file: File): Promise<void> {
  if (isTooLarge(file, LARGEST, 'a list of tasks can be')) return;
  const text = await file.text();
  if (text.trim() === '') store.say(`${file.name} is empty. ${NOTHING_CHANGED}`, 'problem');
  else await openTaskText(file.name, text);
}

/** Opens a text of tasks in the quick line; one that takes a while is read while the person sees how far it has come. */
export async function openTaskText(name: string, text: string): Promise<void> {
  const { now, zone } = here();
  const read = await watched({ name }, (options) => readTaskFile(text, now, zone, options));
  if (read) openPanel({ kind: 'quick', read });
}
