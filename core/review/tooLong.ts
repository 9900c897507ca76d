import type { TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import type { Timed } from '../plan/things';
import { taskOf } from '../tasks/places';
import { MINUTE, intersect, lengthOf, subtract, union, type Span } from '../time/span';
import { isInMeeting } from '../track/spent';

/** An entry is doubted that took twice what it was to take, and an hour more than it (minutes). */
const TIMES = 2;
const MORE = 60;
/** What nobody gave a length is doubted after so long (minutes). */
const WITHOUT = 4 * 60;

/** What an entry was to take at most, in minutes: its estimate, or its meeting's hours. */
function expected(workspace: Workspace, { subject }: TimeEntry, planned: readonly Timed[]): number {
  if (subject.kind === 'task') return taskOf(workspace, subject.taskId)?.estimate ?? WITHOUT;
  const meeting = planned.find((thing) => thing.kind === 'meeting' && isInMeeting(subject, thing.event));
  return meeting ? lengthOf(meeting) : WITHOUT;
}

/**
 * The stretches of an entry in which the timer may have run on unheeded: a meeting of the day from its beginning to its end,
 * and what came after twice the time that it was to take. What was put in by hand afterwards was meant.
 */
export function runOn(workspace: Workspace, entry: TimeEntry, planned: readonly Timed[]): Span[] {
  const { from, to, subject } = entry;
  if (to === null || entry.mended) return [];
  const ran = entry.ran ?? { from, to };
  const through = planned.filter(
    (thing) =>
      thing.kind === 'meeting' &&
      thing.from > ran.from &&
      thing.to <= ran.to &&
      !isInMeeting(subject, thing.event),
  );
  const minutes = expected(workspace, entry, planned);
  const isLong = lengthOf(ran) > Math.max(TIMES * minutes, minutes + MORE);
  const beyond = isLong ? [{ from: ran.from + minutes * MINUTE, to: ran.to }] : [];
  return intersect([...union(through), ...subtract(beyond, through)], [{ from, to }]);
}
