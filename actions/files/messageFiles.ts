import { messagesOf } from '@/core/formats/mail/mbox';
import { readMessage, type ReadMessage } from '@/core/formats/mail/readMessage';
import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { isTooLarge, NOTHING_CHANGED } from './reading';

const LARGEST = 25_000_000;

/** More messages than anyone makes tasks of in one sitting. */
const MOST = 500;

const CHUNK = 8192;

/** The bytes of a file as a text of one sign a byte, in which lines can be told apart whatever they are encoded in. */
async function signsOf(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += CHUNK)
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + CHUNK)));
  return pieces.join('');
}

const bytesOf = (signs: string): Uint8Array => Uint8Array.from(signs, (sign) => sign.charCodeAt(0));

/** What a file has of messages; why it has none is said. */
async function readFile(file: File): Promise<ReadMessage[]> {
  if (isTooLarge(file, LARGEST, 'can be read as messages')) return [];
  const read = await Promise.all(
    messagesOf(await signsOf(file))
      .slice(0, MOST)
      .map((signs) => readMessage(bytesOf(signs))),
  );
  const messages = read.filter((message) => message !== undefined);
  if (messages.length === 0) store.say(`${file.name} is no message. ${NOTHING_CHANGED}`, 'problem');
  return messages;
}

/** Shows the messages of files (RFC 5322, or an mbox of RFC 4155), to make tasks of them. */
export async function openMessages(files: readonly File[]): Promise<void> {
  const read = await Promise.all(files.map(readFile));
  const messages = read.flat();
  if (messages.length > 0) openPanel({ kind: 'messages', messages });
}
