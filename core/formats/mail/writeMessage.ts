import type { Who } from '../../model/request';
import { base64Of } from '../bytes';

/** A message that goes out. */
export type Writing = {
  readonly from: Who;
  readonly to: readonly Who[];
  readonly subject: string;
  readonly text: string;
  /** What it is known by, without its brackets: the same for the same message, so that it is never sent twice. */
  readonly id: string;
  /** When it is written, epoch ms. */
  readonly at: number;
  /** What it answers, without its brackets. */
  readonly inReplyTo?: string | undefined;
  /** What it says to programs of calendars (RFC 6047). */
  readonly calendar?: { readonly method: string; readonly text: string } | undefined;
};

const base64 = (text: string): string => base64Of(new TextEncoder().encode(text));

const folded = (text: string, length: number): string[] =>
  text.match(new RegExp(`.{1,${length}}`, 'g')) ?? [''];

/** A word of a header that may hold any letters (RFC 2047 2): no longer than 75 signs, no letter in two. */
function encodedWords(text: string): string {
  if (/^[\x20-\x7e]*$/.test(text) && !text.includes('=?')) return text;
  const pieces: string[] = [];
  for (const letter of text) {
    const last = pieces.at(-1);
    if (last !== undefined && base64(last + letter).length <= 60) pieces[pieces.length - 1] = last + letter;
    else pieces.push(letter);
  }
  return pieces.map((piece) => `=?UTF-8?B?${base64(piece)}?=`).join('\r\n ');
}

/** Nothing that came from elsewhere begins a header of its own. */
const oneLine = (text: string) => text.replace(/[\r\n]+/g, ' ').trim();

function mailbox({ name, address }: Who): string {
  const at = `<${address.replace(/[\s<>,;"]/g, '')}>`;
  const plain = oneLine(name);
  if (plain === '') return at;
  return /^[\x20-\x7e]*$/.test(plain)
    ? `"${plain.replace(/["\\]/g, '')}" ${at}`
    : `${encodedWords(plain)} ${at}`;
}

/** A part of a message with any text (RFC 2045 6.8). */
const part = (type: string, text: string): string[] => [
  `Content-Type: ${type}; charset=utf-8`,
  'Content-Transfer-Encoding: base64',
  '',
  ...folded(base64(text), 76),
];

/** Writes a message (RFC 5322, MIME of RFC 2045 to 2047), in ASCII. */
export function writeMessage({ from, to, subject, text, id, at, inReplyTo, calendar }: Writing): string {
  const boundary = `part-${id.replace(/[^\w]/g, '').slice(0, 50)}`;
  const head = [
    `From: ${mailbox(from)}`,
    `To: ${to.map(mailbox).join(',\r\n ')}`,
    `Subject: ${encodedWords(oneLine(subject))}`,
    `Date: ${new Date(at).toUTCString().replace('GMT', '+0000')}`,
    `Message-ID: <${id}>`,
    ...(inReplyTo ? [`In-Reply-To: <${inReplyTo}>`, `References: <${inReplyTo}>`] : []),
    'MIME-Version: 1.0',
  ];
  const body = calendar
    ? [
        `Content-Type: multipart/alternative; boundary="${boundary}"`,
        '',
        `--${boundary}`,
        ...part('text/plain', text),
        `--${boundary}`,
        ...part(`text/calendar; method=${calendar.method}`, calendar.text),
        `--${boundary}--`,
      ]
    : part('text/plain', text);
  return [...head, ...body, ''].join('\r\n');
}
