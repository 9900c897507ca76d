import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { NOTHING_CHANGED } from './reading';

/** A text that lists more tasks than anyone has is no list of tasks. */
const LARGEST = 5_000_000;

/** Opens a text file of tasks (CSV, TSV, Markdown, plain lines) in the quick line, where each is seen as it is understood. */
export async function openTaskFile(file: File): Promise<void> {
  if (file.size > LARGEST) {
    store.say(
      `${file.name} is larger than 5 MB, more than a list of tasks can be. ${NOTHING_CHANGED}`,
      'problem',
    );
    return;
  }
  const text = await file.text();
  if (text.trim() === '') store.say(`${file.name} is empty. ${NOTHING_CHANGED}`, 'problem');
  else openPanel({ kind: 'quick', text: text.includes('\n') ? text : `${text}\n` });
}
