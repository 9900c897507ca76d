import { CALL, LINK } from '@/core/model/link';
import { readDuration } from '@/core/capture/readDuration';
import { readTime } from '@/core/capture/readTime';
import { bounds, shortened } from '@/core/model/bounds';
import { durationWords } from '@/core/time/words';
import type { Reading } from './Field';

/** What typed text means, or why it cannot be read, in words for the person who typed it. */
export const readTitle = (typed: string): Reading<string> =>
  typed.trim() === '' ? { problem: 'A title is needed.' } : upTo(bounds.title, typed.trim());

/** A title that may still be missing. */
export const readName = (typed: string): Reading<string> => upTo(bounds.title, typed.trim());

/** Text, unless it is longer than is kept. */
const upTo = (most: number, text: string): Reading<string> =>
  text.length <= most
    ? { value: text }
    : { problem: `At most ${counted(most)} characters are kept; this has ${counted(text.length)}.` };
const counted = (count: number) => count.toLocaleString('en');

/** Typed text as a problem names it. */
export const quoted = (typed: string) => `“${shortened(typed, 60)}”`;

export const readLength = (typed: string, most: number = bounds.blockMinutes): Reading<number> => {
  // what is too long is read as well, to be told so
  const minutes = readDuration(typed, Infinity);
  if (minutes === undefined)
    return { problem: `${quoted(typed)} is no length. Try 90, 45m, 1h30, 1:30 or 1.5h.` };
  return minutes > most
    ? { problem: `${quoted(typed)} is too long: at most ${durationWords(most)}.` }
    : { value: minutes };
};

export const readEstimate = (typed: string): Reading<number | null> =>
  typed.trim() === '' ? { value: null } : readLength(typed, bounds.estimateMinutes);

export const readClock = (typed: string): Reading<string> => {
  const time = readTime(typed);
  return time === undefined
    ? { problem: `${quoted(typed)} is no time of day. Try 9, 14:30 or 2pm.` }
    : { value: time };
};

export const readWords = (typed: string): Reading<string> => upTo(bounds.notes, typed.trim());

/** How long before something; nothing typed is never. */
export const readLead = (typed: string): Reading<number | null> =>
  /^(|never)$/i.test(typed.trim()) ? { value: null } : readLength(typed);

/** An address to open, and after it what it is called: `https://… the gauge data`. */
export function readLink(typed: string): Reading<{ address: string; name: string }> {
  const [, address = '', name = ''] = /^\s*(\S+)\s*(.*)$/s.exec(typed) ?? [];
  return LINK.test(address)
    ? { value: { address, name: name.trim() } }
    : { problem: `${quoted(typed.trim())} is no address. It begins with https://, mailto: or tel:` };
}

/** An address that opens a page or a call. */
export const readAddress = (typed: string): Reading<string> => {
  const text = typed.trim();
  return text === '' || CALL.test(text)
    ? { value: text }
    : { problem: `${quoted(text)} is no address. It begins with https:// or tel:` };
};
