import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import { MINUTE } from '../time/span';
import { deadlineAtWords, durationWords, spanWords, untilWords, whenWords } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import type { LeftOver, Obstacle, Way } from './left';
import type { Proposal, Sitting } from './proposal';
import type { Reason } from './reasons';

type Told = { readonly workspace: Workspace; readonly zone: Zone; readonly now: number };

/** When something begins. */
const when = (at: number, { workspace, zone, now }: Told): string =>
  whenWords(at, dateOf(now, zone), zone, workspace.settings);

/** By when something has to be done, as the end of a stretch. */
const until = (at: number, { workspace, zone, now }: Told): string =>
  untilWords(at, dateOf(now, zone), zone, workspace.settings);

const dueAt = (at: number, { workspace, zone, now }: Told): string =>
  deadlineAtWords(at, dateOf(now, zone), zone, workspace.settings);

function reasonWords(reason: Reason, told: Told): string {
  switch (reason.kind) {
    case 'overdue':
      return 'overdue';
    case 'before':
      return reason.meeting === null ? `due ${dueAt(reason.at, told)}` : `before ${reason.meeting}`;
    case 'late':
      return `${durationWords(reason.minutes)} too late`;
    case 'only':
      return 'the only stretch long enough before';
    case 'zone':
      return `in ${reason.name}`;
    case 'sharp':
      return 'sharp hours';
    case 'catchUp':
      return 'catch-up';
    case 'after':
      return `after ${reason.title}`;
    case 'sitting':
      return `sitting ${reason.which} of ${reason.of}`;
    case 'small':
      return `${reason.count} small tasks`;
    case 'moved':
      return `was ${when(reason.from, told)}`;
    case 'stays':
      return 'stays';
    case 'free':
      return 'free time';
  }
}

/** Why a sitting lies where it does: `before Weir hearing; sharp hours; in Writing`. */
export const reasonsWords = ({ reasons }: Pick<Sitting, 'reasons'>, told: Told): string =>
  reasons.map((reason) => reasonWords(reason, told)).join('; ');

/** How good a plan is: `All 14 tasks on time.`, `11 of 14 tasks on time. No plan gets more than 12.` */
export function qualityWords({ inTime, count, most }: Proposal): string {
  if (count === 0) return 'Nothing that is open needs a place in this time.';
  if (inTime === count) return count === 1 ? 'The task is on time.' : `All ${count} tasks are on time.`;
  const bound =
    inTime === most
      ? 'No plan gets more of them in time.'
      : `No plan gets more than ${most} of them in time.`;
  return `${inTime} of ${count} tasks on time. ${bound}`;
}

/** A bound that is further off than this says nothing, in hundredths. */
const TELLING = 5;

/** How close to the best a plan is known to be; '' where that is not known. */
export function closeWords({ worth, bound }: Proposal): string {
  if (bound === null || worth <= 0) return '';
  const off = (100 * (bound - worth)) / worth;
  if (off > TELLING) return '';
  return off < 0.1
    ? 'By its weights it is as good as any.'
    : `By its weights none is more than ${off.toFixed(1)} % better.`;
}

/** What is left over of something: `2 h have no place`, `all of it comes too late`. */
export const leftWords = ({ minutes }: LeftOver): string =>
  minutes > 0 ? `${durationWords(minutes)} without a place` : 'comes too late';

/** Why something is left over: `needs 3 h in one piece before Thu 17:00; the longest free stretch is 1 h 45`. */
export function obstacleWords({ why, last, meeting }: LeftOver, told: Told): string {
  const before = !Number.isFinite(last)
    ? ''
    : last <= told.now
      ? ' (overdue)'
      : ` before ${meeting ?? until(last, told)}`;
  return words(why, before);
}

function words(why: Obstacle, before: string): string {
  switch (why.kind) {
    case 'waits':
      return `waits for ${why.titles.join(', ')}, which has no place itself`;
    case 'noTime':
      return `nothing is left${before}`;
    case 'tooShort':
      return `needs ${durationWords(why.needs)} in one piece${before}; the longest free stretch is ${durationWords(why.longest)}`;
    case 'tooLittle':
      return `needs ${durationWords(why.needs)}${before}; ${durationWords(why.left)} is left`;
  }
}

/** What would make it fit: `In two sittings: Mon 16:00 and Wed 16:15`. */
export function wayWords(way: Way, told: Told): string {
  const at = (spans: Extract<Way, { kind: 'sittings' }>['at']) =>
    spans.map(({ from }) => when(from, told)).join(', ');
  switch (way.kind) {
    case 'sittings':
      return `In ${way.at.length === 1 ? 'one go' : `${way.at.length} sittings`}: ${at(way.at)}`;
    case 'spare':
      return `In what is left free on purpose: ${at(way.at)}`;
    case 'guarded':
      return `Also in ${way.zones.join(' and ')}, kept for other work: ${at(way.at)}`;
    case 'meeting':
      return `If ${way.meeting.title} were elsewhere: ${when(way.at.from, told)}`;
  }
}

/** Where a sitting lies: `Tue 24 Nov, 09:00 – 10:30`. */
export const sittingWords = ({ start, minutes }: Sitting, { workspace, zone }: Told): string =>
  spanWords({ from: start, to: start + minutes * MINUTE }, zone, workspace.settings);

/** What a sitting is called: its task, or its small tasks together. */
export function titleOfSitting(
  { taskId, holds }: Pick<Sitting, 'taskId' | 'holds'>,
  workspace: Workspace,
): string {
  const title = taskOf(workspace, taskId)?.title ?? '';
  return holds.length === 0 ? title : `${title} and ${holds.length} more`;
}
