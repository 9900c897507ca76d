import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { MINUTE, lengthOf, overlaps, subtract, type Span } from '../time/span';
import { addDays, dateOf, type Zone } from '../time/zone';
import { blocksIn, dayPlan, spanOfBlock } from './dayPlan';

/** Blocks start and end on quarter hours unless typed otherwise. */
export const STEP = 15;

/** What a task without an estimate takes when it is placed, in minutes. */
export const DEFAULT_LENGTH = 30;

/** The instant rounded to the nearest quarter hour, counted from `midnight`. */
export const snap = (instant: number, midnight: number, step = STEP): number =>
  midnight + Math.round((instant - midnight) / (step * MINUTE)) * step * MINUTE;

/** The nearest quarter hour at which something can start on a day: never before its midnight, never at the next one. */
export const startOn = (instant: number, day: Span): number =>
  Math.min(day.to - STEP * MINUTE, Math.max(day.from, snap(instant, day.from)));

/** Names of the meetings and blocks that a stretch would share time with; `except` is the block or the occurrence being moved. */
export function collisions(workspace: Workspace, span: Span, zone: Zone, except?: Id): string[] {
  const dates = new Set([dateOf(span.from, zone), dateOf(span.to - 1, zone)]);
  const meetings = new Map<string, Occurrence>();
  for (const date of dates) {
    for (const meeting of dayPlan(workspace, date, zone).meetings) {
      if (meeting.busy && meeting.id !== except && overlaps(meeting, span)) meetings.set(meeting.id, meeting);
    }
  }
  const blocks = blocksIn(workspace.blocks, span).filter(({ id }) => id !== except);
  return [
    ...[...meetings.values()].map(({ title }) => title),
    ...blocks.map(({ taskId }) => workspace.tasks.get(taskId)?.title ?? 'a block'),
  ];
}

/** The free stretches of a day's working hours after `now`, what is busy and what is planned taken out. */
export function pockets(workspace: Workspace, date: string, zone: Zone, now: number): Span[] {
  const { working, meetings, allDay, blocks } = dayPlan(workspace, date, zone);
  const taken = [...meetings, ...allDay].filter(({ busy }) => busy);
  return subtract(working, [...taken, ...blocks.map(spanOfBlock), { from: -Infinity, to: now }]);
}

/**
 * The next places where `minutes` fit whole, on quarter hours, one for each pocket, from `now` on; no more than
 * `most`, and none later than two weeks.
 */
export function proposals(workspace: Workspace, minutes: number, zone: Zone, now: number, most = 6): Span[] {
  const today = dateOf(now, zone);
  const found: Span[] = [];
  for (let day = 0; day < 14 && found.length < most; day += 1) {
    for (const pocket of pockets(workspace, addDays(today, day), zone, now)) {
      const from = Math.ceil(pocket.from / (STEP * MINUTE)) * STEP * MINUTE;
      if (lengthOf({ from, to: pocket.to }) >= minutes) found.push({ from, to: from + minutes * MINUTE });
    }
  }
  return found.slice(0, most);
}
