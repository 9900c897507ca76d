import { CALL, LINK } from '@/core/model/link';
import { readPeople } from '@/core/capture/people';
import { readDuration } from '@/core/capture/readDuration';
import { readTime } from '@/core/capture/readTime';
import { bounds, shortened } from '@/core/model/bounds';
import type { Leads } from '@/core/model/reminder';
import { durationWords } from '@/core/time/words';
import type { Reading } from './Field';

/** What typed text means, or why it cannot be read, in words for the person who typed it. */
export const readTitle = (typed: string): Reading<string> =>
  typed.trim() === '' ? { problem: 'A title is needed.' } : upTo(bounds.title, typed.trim());

/** A title that may still be missing. */
export const readName = (typed: string): Reading<string> => upTo(bounds.title, typed.trim());

/** Addresses, separated by commas. */
export function readAddresses(typed: string): Reading<string[]> {
  const read = readPeople(typed, []);
  return 'unread' in read
    ? { problem: `${quoted(read.unread)} is no address. Try petra.holm@trust.example.` }
    : { value: read.people.map(({ address }) => address) };
}

/** Text, unless it is longer than is kept. */
const upTo = (most: number, text: string): Reading<string> =>
  text.length <= most
    ? { value: text }
    : { problem: `At most ${counted(most)} characters are kept; this has ${counted(text.length)}.` };
export const counted = (count: number): string => count.toLocaleString('en');

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

/**
 * How long before something one is reminded, several by commas: `10 min, 1 h`. `on time` is 0, `never` none; nothing
 * typed leaves it to what holds for all.
 */
export function readLeads(typed: string): Reading<Leads | undefined> {
  const parts = typed.split(/[,;]| and /i).map((part) => part.trim().replace(/ before$/i, ''));
  if (parts.join('') === '') return { value: undefined };
  if (/^(never|none)$/i.test(parts.join(''))) return { value: [] };
  const leads: number[] = [];
  for (const part of parts.filter(Boolean)) {
    const lead = readLead(part);
    if ('problem' in lead) return lead;
    leads.push(lead.value);
  }
  if (leads.length > bounds.leads) return { problem: `At most ${bounds.leads} reminders of one thing.` };
  return { value: [...new Set(leads)].sort((a, b) => b - a) };
}

const DAYS = /^(an?|\d+) (day|week)s?$/i;

function readLead(part: string): Reading<number> {
  if (/^(on time|at (the )?start|0( min)?)$/i.test(part)) return { value: 0 };
  const [, count = '', unit = ''] = DAYS.exec(part) ?? [];
  if (unit === '') return readLength(part, bounds.leadMinutes);
  const minutes = (Number.parseInt(count, 10) || 1) * (unit.toLowerCase() === 'day' ? 1 : 7) * 1440;
  return minutes > bounds.leadMinutes
    ? { problem: `${quoted(part)} is too long: at most 28 days.` }
    : { value: minutes };
}

/** Reminders as they stand in a field, readable by readLeads: `10 min, 1 day`. */
export const leadsText = (leads: Leads | undefined): string =>
  leads?.length === 0 ? 'never' : (leads ?? []).map(leadWords).join(', ');

/** How long before something: `on time`, `10 min`, `1 day`. */
const leadWords = (lead: number): string => {
  if (lead === 0) return 'on time';
  const days = lead / 1440;
  return Number.isInteger(days) ? `${days} day${days === 1 ? '' : 's'}` : durationWords(lead);
};

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
