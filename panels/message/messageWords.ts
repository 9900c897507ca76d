import type { Message } from '@/core/model/message';
import { clockWords, dateWords, type ClockStyle } from '@/core/time/words';
import { dateOf, type Zone } from '@/core/time/zone';
import { sizeWords } from '@/ui/sizeWords';

type Told = Pick<Message, 'from' | 'sentAt'> & {
  readonly attachments: readonly { readonly name: string; readonly size: number }[];
};

/** Who wrote a message, when, and what was attached to it. */
export const messageWords = ({ from, sentAt, attachments }: Told, zone: Zone, clock: ClockStyle): string =>
  [
    from && `From ${from}`,
    sentAt === null ? '' : `${dateWords(dateOf(sentAt, zone))}, ${clockWords(sentAt, zone, clock)}`,
    attachments.map(({ name, size }) => `${name} (${sizeWords(size)})`).join(', '),
  ]
    .filter(Boolean)
    .join(' · ');
