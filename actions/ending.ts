import { endMeeting } from '@/core/commands/days';
import { occurrenceAt, eventIdOf, recurrenceOf, type Occurrence } from '@/core/calendar/occurrences';
import type { Subject } from '@/core/model/plan';
import { lengthOf, MINUTE, type Span } from '@/core/time/span';
import { durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { offeringFreed } from './offeringFreed';

/** Less than this before its end a meeting has ended in time, in minutes. */
const EARLY = 5;

/** Whether a meeting is on, and for long enough that it is worth saying if it is over. */
export const mayBeOver = ({ from, to }: Span, now: number): boolean =>
  from < now && lengthOf({ from: now, to }) >= EARLY;

/** How much earlier than it was to a meeting ended. */
export const earlyWords = (from: number, to: number): string =>
  `${durationWords(Math.max(1, Math.round(lengthOf({ from, to }))))} early`;

/** Says that a meeting is over before it was to end, and offers what fits into the time that is free now. */
export function meetingIsOver({ id, title, from, to }: Occurrence): void {
  const { zone, now } = here();
  // hours are told by the minute
  const at = Math.max(from + MINUTE, Math.floor(now / MINUTE) * MINUTE);
  offeringFreed(() =>
    store.run(
      endMeeting,
      { date: dateOf(now, zone), meeting: id, at },
      `${title} was over ${earlyWords(at, to)}`,
    ),
  );
}

/** Takes back that a meeting was over. */
export const meetingWentOn = ({ id, title }: Occurrence, date: string): boolean =>
  store.run(endMeeting, { date, meeting: id, at: null }, `${title} takes all of its time`);

/** After a timer on a meeting has been stopped: offers to say that the meeting is over, where it was to go on. */
export function offerEnd(subject: Subject): void {
  if (subject.kind !== 'event') return;
  const { zone, now } = here();
  const event = currentWorkspace().events.get(eventIdOf(subject.occurrence));
  const meeting = event && occurrenceAt(event, recurrenceOf(subject.occurrence), zone);
  if (meeting && meeting.busy && mayBeOver(meeting, now))
    store.offer({ label: 'It is over', press: () => meetingIsOver(meeting) });
}
