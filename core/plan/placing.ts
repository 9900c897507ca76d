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

/** What is placed together with others: which task, and how many minutes it takes. */
export type ToFit = { readonly taskId: Id; readonly minutes: number };

/** A stretch for each of several tasks. */
export type Fitted = { readonly taskId: Id; readonly start: number; readonly minutes: number };

/** Days that are looked through for a row, the first included. */
const ROW_DAYS = 7;

/** Tasks one after the other from an instant on, around busy meetings and what is planned already, on quarter hours. */
export function inRow(workspace: Workspace, tasks: readonly ToFit[], from: number, zone: Zone): Fitted[] {
  const first = dateOf(from, zone);
  const taken = Array.from({ length: ROW_DAYS }, (_, i) => {
    const { meetings, allDay, blocks } = dayPlan(workspace, addDays(first, i), zone);
    return [...[...meetings, ...allDay].filter(({ busy }) => busy), ...blocks.map(spanOfBlock)];
  }).flat();
  let at = from;
  return tasks.map(({ taskId, minutes }) => {
    for (;;) {
      const span = { from: at, to: at + minutes * MINUTE };
      const hit = taken.find((one) => overlaps(one, span));
      if (!hit) break;
      at = Math.ceil(hit.to / (STEP * MINUTE)) * STEP * MINUTE;
    }
    const start = at;
    at += minutes * MINUTE;
    return { taskId, start, minutes };
  });
}

/** The next pocket for each of several tasks, in their order; those that fit nowhere in two weeks are left out. */
export function inPockets(workspace: Workspace, tasks: readonly ToFit[], zone: Zone, now: number): Fitted[] {
  let scratch = workspace;
  return tasks.flatMap(({ taskId, minutes }) => {
    const [place] = proposals(scratch, minutes, zone, now, 1);
    if (!place) return [];
    const fitted = { taskId, start: place.from, minutes };
    scratch = { ...scratch, blocks: scratch.blocks.with([{ id: `fitted ${taskId}`, ...fitted }]) };
    return [fitted];
  });
}
