import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { isTooLarge, NOTHING_CHANGED } from './reading';

/** A text that lists more tasks than anyone has is no list of tasks. */
const LARGEST = 5_000_000;

/** Opens a text file of tasks (CSV, TSV, Markdown, plain lines) in the quick line, where each is seen as it is understood. */
export async function openTaskFile(file: File): Promise<void> {
  if (isTooLarge(file, LARGEST, 'a list of tasks can be')) return;
  const text = await file.text();
  if (text.trim() === '') store.say(`${file.name} is empty. ${NOTHING_CHANGED}`, 'problem');
  else openPanel({ kind: 'quick', text: text.includes('\n') ? text : `${text}\n` });
}
