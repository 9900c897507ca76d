import { bytesOf, signsOf } from '../bytes';
import { readMessage, type ReadMessage } from './readMessage';

/** The line that begins a message of an mbox: who sent it and when (RFC 4155, appendix A). */
const FROM = /^From \S.*$/;

/** More messages than anyone makes tasks of in one sitting. */
const MOST = 500;

/** What a file has of messages, the first 500 of an mbox; `progress` hears which share (0 to 1) of them has been read. */
export async function readMessages(
  file: Uint8Array,
  progress: (share: number) => void,
): Promise<ReadMessage[]> {
  const found = messagesOf(signsOf(file)).slice(0, MOST);
  const read: ReadMessage[] = [];
  for (const [i, signs] of found.entries()) {
    const message = await readMessage(bytesOf(signs));
    if (message) read.push(message);
    progress((i + 1) / found.length);
  }
  return read;
}

/** The messages of an mbox (RFC 4155), each as text; a file with one message is that message. */
export function messagesOf(text: string): string[] {
  if (!FROM.test(text.slice(0, text.search(/\r?\n|$/)))) return [text];
  const messages: string[][] = [];
  let blank = true;
  for (const line of text.split(/\r?\n/)) {
    if (blank && FROM.test(line)) messages.push([]);
    // a line of a text that would begin a message got a > before it
    else messages.at(-1)?.push(line.replace(/^>(>*From )/, '$1'));
    blank = line === '';
  }
  return messages
    .map((lines) => `${lines.join('\n').trimEnd()}\n`)
    .filter((message) => message.trim() !== '');
}
