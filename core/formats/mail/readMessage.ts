import PostalMime, { type Address, type Attachment } from 'postal-mime';
import { bounds, shortened } from '../../model/bounds';
import { LARGEST_ATTACHMENT } from '../../model/attachment';
import type { AttachedName } from '../../model/message';
import { bytesOfBase64 } from '../bytes';
import { plainBody, withEmptyLine, wordsIn } from './broken';
import { plainText } from './plainText';

/** A message as a file has it. */
export type ReadMessage = {
  /** Without what marks an answer or a forwarded one; '' where there is none. */
  readonly subject: string;
  readonly from: string;
  /** Epoch ms, or null where no date is told or it cannot be read. */
  readonly sentAt: number | null;
  readonly text: string;
  readonly html: string | null;
  readonly attachments: readonly (AttachedName & {
    /** The file in Base64; null where it is larger than is kept. */
    readonly data: string | null;
  })[];
  /** An invitation within it (text/calendar, RFC 5546), as text. */
  readonly invitation: string | null;
  /** What of it could not be read. */
  readonly unread: readonly Unread[];
};

/** What of a message cannot be read: messages that are nested too deep, or letters of an unknown kind (RFC 2978). */
export type Unread = { readonly kind: 'nested' } | { readonly kind: 'charset'; readonly name: string };

/** How deep parts of a message may lie within others; a bomb of nested ones goes deeper. */
const MOST_NESTED = 20;
/** How often a message may have been forwarded whole, one within the other. */
const MOST_FORWARDED = 10;

const ANSWER = /^((re|fwd?|aw|wg|tr|sv)\s*:\s*)+/i;

function addressText(address: Address | undefined): string {
  if (!address) return '';
  const { name, address: at } = address;
  return name && at ? `${name} <${at}>` : name || at || '';
}

/** How many bytes a text in Base64 (RFC 4648) holds. */
const sizeOf = (data: string): number =>
  Math.floor((data.length * 3) / 4) - (data.endsWith('==') ? 2 : data.endsWith('=') ? 1 : 0);

/** Base64 as text: UTF-8, as invitations are nearly always (RFC 5546 has no other way to tell). */
function textOf(data: string): string {
  const signs = atob(data);
  try {
    return decodeURIComponent(
      [...signs].map((sign) => `%${sign.charCodeAt(0).toString(16).padStart(2, '0')}`).join(''),
    );
  } catch {
    return signs.slice(0, bounds.line);
  }
}

/** Where a part of a message says in which letters its text is written (RFC 2045, 5.1), folded or not. */
const LETTERS =
  /^content-type:[ \t]*text\/[^\r\n]*(?:\r?\n[ \t][^\r\n]*)*?charset[ \t]*=[ \t]*"?([^";\s]+)/gim;

/** The first letters of a message that this platform does not know, if there are any. */
function unknownCharset(source: Uint8Array | string): Unread[] {
  const text = typeof source === 'string' ? source : new TextDecoder('latin1').decode(source);
  for (const [, name = ''] of text.matchAll(LETTERS))
    if (!isKnownCharset(name)) return [{ kind: 'charset', name: shortened(name, 40) }];
  return [];
}

function isKnownCharset(name: string): boolean {
  try {
    return new TextDecoder(name).encoding !== '';
  } catch {
    return false;
  }
}

/** A forwarded message as it stands below the text of the one that brings it. */
const quoted = ({ subject, from, text }: ReadMessage): string =>
  [`Forwarded: ${subject || 'a message'}${from ? `, from ${from}` : ''}`, text].join('\n\n');

const isForwarded = ({ mimeType }: Attachment): boolean => mimeType === 'message/rfc822';
/** A part that says `Content-Type: text` and no more: to be read as plain text (RFC 2045, 5.2). */
const isOfNoKind = ({ mimeType, filename }: Attachment): boolean => mimeType === 'text' && !filename;

/**
 * Reads a message (RFC 5322 with MIME, RFC 2045 to 2049), and those that were forwarded within it (message/rfc822), whose
 * texts, files and invitation it has, too. Undefined when it has neither a subject nor a text: then it is no message. What
 * cannot be read is left out and told in `unread`.
 */
export async function readMessage(given: Uint8Array | string, depth = 0): Promise<ReadMessage | undefined> {
  const source = withEmptyLine(given);
  const mail = await PostalMime.parse(source, {
    maxNestingDepth: MOST_NESTED,
    attachmentEncoding: 'base64',
    forceRfc822Attachments: true,
  }).catch(() => undefined);
  if (!mail) return undefined;
  const html = mail.html?.trim() ? mail.html : null;
  const ofNoKind = mail.attachments.filter(isOfNoKind);
  const isEmpty = mail.text === undefined && mail.html === undefined && mail.attachments.length === 0;
  const own = (
    mail.text?.trim() ||
    (html === null ? '' : plainText(html)) ||
    ofNoKind.map(({ content }) => wordsIn(bytesOfBase64(String(content)))).join('\n') ||
    (isEmpty ? shortened(plainBody(source), bounds.notes) : '')
  ).replace(/\r\n?/g, '\n');
  const subject = (mail.subject ?? '').replace(/\s+/g, ' ').replace(ANSWER, '').trim();
  const known = mail.headers.some(({ key }) => ['from', 'subject', 'date', 'message-id'].includes(key));
  const inner = mail.attachments.filter(isForwarded);
  if (!known || (subject === '' && own.trim() === '' && inner.length === 0)) return undefined;
  const tooDeep = inner.length > 0 && depth === MOST_FORWARDED;
  const forwarded: ReadMessage[] = [];
  for (const { content } of tooDeep ? [] : inner.slice(0, bounds.few)) {
    const message = await readMessage(bytesOfBase64(String(content)), depth + 1);
    if (message) forwarded.push(message);
  }
  const sent = Date.parse(mail.date ?? '');
  const calendar = mail.attachments.find(({ mimeType }) => mimeType === 'text/calendar');
  const files = mail.attachments
    .filter((each) => each !== calendar && !isForwarded(each) && !isOfNoKind(each))
    .map(fileOf);
  return {
    subject: shortened(subject, bounds.title),
    from: shortened(addressText(mail.from), bounds.title),
    sentAt: sent >= bounds.earliest && sent <= bounds.latest ? sent : null,
    text: shortened([own.trim(), ...forwarded.map(quoted)].filter(Boolean).join('\n\n'), bounds.notes),
    // a page would not show what was forwarded
    html: html === null || html.length > bounds.html || forwarded.length > 0 ? null : html,
    attachments: [...files, ...forwarded.flatMap(({ attachments }) => attachments)].slice(0, bounds.few),
    invitation: calendar
      ? textOf(String(calendar.content))
      : (forwarded.find(({ invitation }) => invitation !== null)?.invitation ?? null),
    unread: [
      ...unknownCharset(source),
      ...(tooDeep ? [{ kind: 'nested' } as const] : []),
      ...forwarded.flatMap(({ unread }) => unread),
    ],
  };
}

function fileOf({ filename, mimeType, content }: Attachment): ReadMessage['attachments'][number] {
  const data = String(content);
  const size = sizeOf(data);
  const name = shortened(filename || 'without a name', bounds.title);
  return { name, type: mimeType, size, data: size <= LARGEST_ATTACHMENT ? data : null };
}
