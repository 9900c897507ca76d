import type { At } from './newsWords';
import type { Shelf } from './account';
import { feedWords } from './feedWords';

/** How a calendar of an account stands, in a sentence or two: since when it fails, and how much of what was changed here waits. */
export function shelfWords(shelf: Shelf, waiting: number, at: At & { readonly now: number }): string {
  const things = waiting === 1 ? 'One change' : `${waiting} changes`;
  const waits = waiting === 0 ? '' : ` ${things} of yours ${waiting === 1 ? 'waits' : 'wait'} to be sent.`;
  return feedWords(shelf, at) + waits;
}

/** What may not be written there, in a sentence; none where all may. */
export function refusedWords({ refused, name }: Shelf): string {
  if (refused.length === 0) return '';
  const titles = refused.slice(0, 3).map(({ title, status }) => `“${title}” (${status})`);
  const more = refused.length - titles.length;
  return `${name} does not let it be written: ${titles.join(', ')}${more > 0 ? ` and ${more} more` : ''}. It stays here as it is.`;
}
