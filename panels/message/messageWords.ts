import type { Unread } from '@/core/formats/mail/readMessage';
import type { Message } from '@/core/model/message';
import { momentWords, type Style } from '@/core/time/words';
import { type Zone } from '@/core/time/zone';
import { sizeWords } from '@/ui/sizeWords';

type Told = Pick<Message, 'from' | 'sentAt'> & {
  readonly attachments: readonly { readonly name: string; readonly size: number }[];
};

/** Who wrote a message, when, and what was attached to it. */
export const messageWords = ({ from, sentAt, attachments }: Told, zone: Zone, style: Style): string =>
  [
    from && `From ${from}`,
    sentAt === null ? '' : momentWords(sentAt, zone, style),
    attachments.map(({ name, size }) => `${name} (${sizeWords(size)})`).join(', '),
  ]
    .filter(Boolean)
    .join(' · ');

/** What of a message could not be read, in a sentence. */
export const unreadWords = (problem: Unread): string =>
  problem.kind === 'nested'
    ? 'Messages are forwarded in it more than ten deep; the innermost are left out.'
    : `Its text is written in “${problem.name}”, which is not known here: some letters may be wrong.`;
