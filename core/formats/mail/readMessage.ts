import PostalMime, { type Address } from 'postal-mime';
import { bounds, shortened } from '../../model/bounds';
import { LARGEST_ATTACHMENT } from '../../model/attachment';
import type { AttachedName } from '../../model/message';

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
};

/** Deeper than people forward messages; a bomb of nested ones goes deeper still. */
const MOST_NESTED = 20;

const ANSWER = /^((re|fwd?|aw|wg|tr|sv)\s*:\s*)+/i;

function addressText(address: Address | undefined): string {
  if (!address) return '';
  const { name, address: at } = address;
  return name && at ? `${name} <${at}>` : name || at || '';
}

/** Signs that tell that text is HTML, taken out with what they enclose where that is not to be read. */
const plainText = (html: string): string =>
  html
    .replace(/<(script|style|head)\b[\s\S]*?<\/\1\s*>/gi, '')
    .replace(/<(br|\/p|\/div|\/tr|\/li|\/h[1-6])\b[^>]*>/gi, '\n')
    .replace(/<[^>]*>/g, '')
    .replace(/&nbsp;/g, ' ')
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&amp;/g, '&')
    .replace(/[ \t]+\n/g, '\n')
    .replace(/\n{3,}/g, '\n\n')
    .trim();

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

/**
 * Reads a message (RFC 5322 with MIME, RFC 2045 to 2049). Undefined when it has neither a subject nor a text: then it is no
 * message. What is nested too deep is left out.
 */
export async function readMessage(source: Uint8Array | string): Promise<ReadMessage | undefined> {
  const mail = await PostalMime.parse(source, {
    maxNestingDepth: MOST_NESTED,
    attachmentEncoding: 'base64',
  }).catch(() => undefined);
  if (!mail) return undefined;
  const html = mail.html?.trim() ? mail.html : null;
  const text = (mail.text?.trim() || (html === null ? '' : plainText(html))).replace(/\r\n?/g, '\n');
  const subject = (mail.subject ?? '').replace(/\s+/g, ' ').replace(ANSWER, '').trim();
  const known = mail.headers.some(({ key }) => ['from', 'subject', 'date', 'message-id'].includes(key));
  if (!known || (subject === '' && text.trim() === '')) return undefined;
  const sent = Date.parse(mail.date ?? '');
  const calendar = mail.attachments.find(({ mimeType }) => mimeType === 'text/calendar');
  return {
    subject: shortened(subject, bounds.title),
    from: shortened(addressText(mail.from), bounds.title),
    sentAt: sent >= bounds.earliest && sent <= bounds.latest ? sent : null,
    text: shortened(text.trim(), bounds.notes),
    html: html === null || html.length > bounds.html ? null : html,
    attachments: mail.attachments
      .filter((attachment) => attachment !== calendar)
      .slice(0, bounds.few)
      .map(({ filename, mimeType, content }) => {
        const data = String(content);
        const size = sizeOf(data);
        const name = shortened(filename || 'without a name', bounds.title);
        return { name, type: mimeType, size, data: size <= LARGEST_ATTACHMENT ? data : null };
      }),
    invitation: calendar ? textOf(String(calendar.content)) : null,
  };
}
