import type { Occurrence } from '@/core/calendar/occurrences';
import { leaveOut } from '@/core/commands/track';
import type { TimeEntry } from '@/core/model/plan';
import { subjectTitle } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { seenEnd, type Jump } from '@/core/track/seen';
import { subjectOfMeeting } from '@/core/track/spent';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { ask } from '@/ui/panels';

/**
 * Asks what of a timer's time counts, and has the rest left out: of one that ran on unseen what was seen of it, or what
 * lies before an hour at which something changed.
 */
export async function askWhatCounts(entry: TimeEntry, jump?: Jump): Promise<void> {
  const unseen = jump && { minutes: jump.by / MINUTE, seen: seenEnd(entry, jump.seen) };
  const answer = await ask({ kind: 'whatCounts', entryId: entry.id, unseen });
  const there = currentWorkspace().entries.get(entry.id);
  if (!answer || !there) return;
  const goesOn = answer.goesOn && there.to === null ? { id: newId(), at: here().now } : null;
  const title = subjectTitle(entry.subject, currentWorkspace());
  const kept = durationWords((answer.to - entry.from) / MINUTE);
  store.run(leaveOut, { id: entry.id, to: answer.to, goesOn }, `${kept} kept on ${title}`);
}

/** Counts a meeting that a timer has run through for what it was, and what came before and after it for the other thing. */
export function countMeeting(entry: TimeEntry, meeting: Occurrence): void {
  const meanwhile = { id: newId(), subject: subjectOfMeeting(meeting) };
  const goesOn = { id: newId(), at: meeting.to };
  const input = { id: entry.id, to: meeting.from, goesOn, meanwhile };
  store.run(leaveOut, input, `${meeting.title} counts for itself`);
}
