import type { ReadMessage } from '@/core/formats/mail/readMessage';
import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { readMessageFile } from '@/workers/fileReader';
import { isTooLarge, NOTHING_CHANGED, watched } from './reading';

const LARGEST = 25_000_000;

/** What a file has of messages; why it has none is said. */
async function readFile(file: File): Promise<readonly ReadMessage[]> {
  if (isTooLarge(file, LARGEST, 'can be read as messages')) return [];
  const bytes = new Uint8Array(await file.arrayBuffer());
  const messages = await watched(file, (options) => readMessageFile(bytes, options));
  if (messages?.length === 0) store.say(`${file.name} is no message. ${NOTHING_CHANGED}`, 'problem');
  return messages ?? [];
}

/** Shows the messages of files (RFC 5322, or an mbox of RFC 4155), to make tasks of them. */
export async function openMessages(files: readonly File[]): Promise<void> {
  const messages: ReadMessage[] = [];
  for (const file of files) messages.push(...(await readFile(file)));
  if (messages.length > 0) openPanel({ kind: 'messages', messages });
}
