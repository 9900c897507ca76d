import { habitsOf } from '../estimates/habits';
import { observationsIn } from '../estimates/observations';
import type { Workspace } from '../model/workspace';
import type { Subject } from '../model/plan';
import { taskOf } from '../tasks/places';
import { overlaps, type Span } from '../time/span';
import { entriesOf, spanOfEntry, subjectOfMeeting } from '../track/spent';
import { datesFrom, dateOf, dayOf, type Zone } from '../time/zone';
import type { Working } from '../working';
import { dayOfSeal, type DayAhead } from './dayAhead';
import { atShare, endsOfDay } from './dayEnd';
import { disturbancesIn } from './disturbances';

/** How well the hours that days are told to be done by would have held, for days of sealed weeks as they stood in the seal. */
export type Calibration = {
  readonly days: number;
  /** On how many of them it was done by the hour that is given for half of the cases, and for four of five. */
  readonly half: number;
  readonly likely: number;
};

/** So many weeks back, the last ones. */
const WEEKS = 26;
const RUNS = 1000;
/** Less tasks are no habit to forecast by. */
const LEARNED = 10;

/** When something ended on a day, as it is on record; undefined where nothing is. */
function endOn(workspace: Workspace, subject: Subject, day: Span): number | undefined {
  const spans = entriesOf(workspace.entries, subject).map((entry) => spanOfEntry(entry, day.to));
  const ends = spans.filter((span) => overlaps(span, day)).map(({ to }) => to);
  return ends.length === 0 ? undefined : Math.max(...ends);
}

/** When a day was done (epoch ms): never, where a task was still open that was to end on it. */
function endedAt(workspace: Workspace, { sittings, meetings }: DayAhead, day: Span): number {
  const isLeft = sittings.some(
    ({ taskId, ground }) => ground && (taskOf(workspace, taskId)?.doneAt ?? Infinity) >= day.to,
  );
  if (isLeft) return Infinity;
  return Math.max(
    ...sittings.map(({ taskId }) => endOn(workspace, { kind: 'task', taskId }, day) ?? 0),
    ...meetings.map((meeting) => endOn(workspace, subjectOfMeeting(meeting), day) ?? meeting.to),
  );
}

/** Goes through the sealed weeks; each day is forecast from what was on record when its week began. Null where there is too little. */
export function* calibrationOf(
  workspace: Workspace,
  { zone, now, seed }: { readonly zone: Zone; readonly now: number; readonly seed: number },
): Working<Calibration | null> {
  const observations = observationsIn(workspace, 'first', zone, now);
  const today = dateOf(now, zone);
  const seals = workspace.seals
    .values()
    .filter(({ id, openedAt }) => openedAt === null && id < today)
    .sort((a, b) => a.id.localeCompare(b.id))
    .slice(-WEEKS);
  const told = { days: 0, half: 0, likely: 0 };
  for (const [i, seal] of seals.entries()) {
    yield i / seals.length;
    const begun = dayOf(seal.id, zone).from;
    const known = observations.filter(({ at }) => at < begun);
    if (known.length < LEARNED) continue;
    const habits = habitsOf(known, begun);
    const disturbances = disturbancesIn(workspace, zone, begun);
    for (const date of datesFrom(seal.id, 7).filter((each) => each < today)) {
      const day = dayOfSeal(workspace, seal, date, { habits, zone, now: dayOf(date, zone).from });
      if (day.sittings.length === 0) continue;
      const { ends } = yield* endsOfDay(day, habits, disturbances, seed, RUNS);
      const end = endedAt(workspace, day, dayOf(date, zone));
      told.days += 1;
      if (end <= atShare(ends, 0.5)) told.half += 1;
      if (end <= atShare(ends, 0.8)) told.likely += 1;
    }
  }
  return told.days === 0 ? null : told;
}
