import type { Occurrence } from '../calendar/occurrences';
import { tellingWords } from '../tasks/tellingWords';

/**
 * The coming meetings that a task may be needed before, as its title shares telling words with theirs: those with most
 * words in common first, of several of a title the next one.
 */
export function likelyMeetings(title: string, coming: readonly Occurrence[], most: number): Occurrence[] {
  const words = tellingWords(title);
  const found = new Map<string, { meeting: Occurrence; shared: number }>();
  for (const meeting of coming) {
    const shared = [...tellingWords(meeting.title)].filter((word) => words.has(word)).length;
    if (shared > 0 && !found.has(meeting.title)) found.set(meeting.title, { meeting, shared });
  }
  return [...found.values()]
    .sort((a, b) => b.shared - a.shared)
    .slice(0, most)
    .map(({ meeting }) => meeting);
}
