import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { intersect, lengthOf, subtract, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';
import { pockets, quarterFrom, STEP } from './placing';
import { timedThings } from './things';

/** What begins on a day from `now` on (epoch ms), by time; what is done has no part in it. */
const ahead = (workspace: Workspace, date: IsoDate, zone: Zone, now: number) =>
  timedThings(dayPlan(workspace, date, zone), workspace).filter(
    (thing) => thing.from > now && (thing.kind === 'meeting' || thing.task.doneAt === null),
  );

/**
 * The stretches before, between and after the things that a day still has, by time: from `now` until the first begins, and so
 * on until the day ends. One between things that follow each other at once, or overlap, is empty.
 */
export function gapsAhead(workspace: Workspace, date: IsoDate, zone: Zone, now: number): Span[] {
  const day = dayOf(date, zone);
  const things = ahead(workspace, date, zone, now);
  const ends = things.map((_, i) => Math.max(...things.slice(0, i + 1).map(({ to }) => to)));
  return [Math.max(now, day.from), ...ends].map((from, i) => {
    const to = things[i]?.from ?? day.to;
    return { from: Math.min(from, to), to };
  });
}

/**
 * Where something of some minutes begins that is put into a gap of a day: in its first pocket that takes it, else in the first
 * stretch of it in which anything fits, else as the gap begins. What is `gone` takes no room.
 */
export function startIn(
  workspace: Workspace,
  date: IsoDate,
  gap: Span,
  minutes: number,
  zone: Zone,
  now: number,
  gone?: Id,
): number {
  const inWork = intersect(pockets(workspace, date, zone, now, gone), [gap]);
  const free = subtract([gap], takenOn(workspace, dayPlan(workspace, date, zone), gone));
  const takes = (least: number) => (span: Span) =>
    lengthOf({ ...span, from: quarterFrom(span.from) }) >= least;
  const found = [minutes, STEP].flatMap(
    (least) => inWork.find(takes(least)) ?? free.find(takes(least)) ?? [],
  );
  return found[0] ? quarterFrom(found[0].from) : gap.from;
}

/** Where something of some minutes can begin before, between and after what a day still has, by time. */
export const startsBetween = (
  workspace: Workspace,
  date: IsoDate,
  minutes: number,
  zone: Zone,
  now: number,
) => gapsAhead(workspace, date, zone, now).map((gap) => startIn(workspace, date, gap, minutes, zone, now));
