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
