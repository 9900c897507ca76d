import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { minutesTaken } from '../tasks/takes';
import { taskOf } from '../tasks/places';
import { isMeantFor, stretchesWhere, type Work } from '../frame/belonging';
import { MINUTE, intersect, lengthOf, overlaps, subtract, type Span } from '../time/span';
import { addDays, dateOf, dayOf, instantOf, type Zone } from '../time/zone';
import { dayPlan, takenOn } from './dayPlan';

/** Blocks start and end on quarter hours unless typed otherwise. */
export const STEP = 15;

/** The instant rounded to the nearest quarter hour, counted from `midnight`. */
export const snap = (instant: number, midnight: number, step = STEP): number =>
  midnight + Math.round((instant - midnight) / (step * MINUTE)) * step * MINUTE;

/** The nearest quarter hour at which something can start on a day: never before its midnight, never at the next one. */
export const startOn = (instant: number, day: Span): number =>
  Math.min(day.to - STEP * MINUTE, Math.max(day.from, snap(instant, day.from)));

/** The free stretches of a day's working hours after `now`, what is busy and what is planned taken out, but for what is `gone`. */
export function pockets(workspace: Workspace, date: string, zone: Zone, now: number, gone?: Id): Span[] {
  const plan = dayPlan(workspace, date, zone);
  const past = { from: -Infinity, to: now };
  return subtract(plan.working, [...takenOn(workspace, plan, gone), ...plan.buffers, past]);
}

/** The quarter hour from an instant on. */
export const quarterFrom = (instant: number): number => Math.ceil(instant / (STEP * MINUTE)) * STEP * MINUTE;

/**
 * Where something new of some minutes would begin on a day: in the first pocket that takes it, else in the first stretch from
 * nine o'clock and from `now` on in which nothing stands, else then.
 */
export function firstRoom(
  workspace: Workspace,
  date: string,
  minutes: number,
  zone: Zone,
  now: number,
): number {
  const takes = ({ from, to }: Span) => to - quarterFrom(from) >= minutes * MINUTE;
  const day = { from: instantOf(`${date}T09:00`, zone), to: dayOf(date, zone).to };
  const ahead = { from: Math.min(Math.max(day.from, now), day.to - STEP * MINUTE), to: day.to };
  const free = subtract([ahead], takenOn(workspace, dayPlan(workspace, date, zone)));
  const found = pockets(workspace, date, zone, now).find(takes) ?? free.find(takes) ?? ahead;
  return quarterFrom(found.from);
}

/** The first free stretch of a day from `now` on, as far as it lies bare of what is `drawn` over it. */
export function barePockets(
  workspace: Workspace,
  date: string,
  drawn: readonly Span[],
  zone: Zone,
  now: number,
): { readonly pocket: Span; readonly bare: Span }[] {
  return pockets(workspace, date, zone, now).flatMap((pocket) => {
    const [bare] = subtract([pocket], drawn).sort((a, b) => lengthOf(b) - lengthOf(a));
    return bare ? [{ pocket, bare }] : [];
  });
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
      const from = quarterFrom(pocket.from);
      if (lengthOf({ from, to: pocket.to }) >= minutes) found.push({ from, to: from + minutes * MINUTE });
    }
  }
  return found.slice(0, most);
}

/**
 * The next places for a task, first those in zones that are meant for it, then others, as `proposals` has them; each group
 * in the order of time. `last` is the instant by which it has to be done: places after it come last, and where it has
 * passed the first of all comes first.
 */
export function placesFor(
  workspace: Workspace,
  work: Work,
  minutes: number,
  zone: Zone,
  now: number,
  last = Infinity,
  most = 6,
): Span[] {
  const all = proposals(workspace, minutes, zone, now, 40);
  const meant = all.flatMap((place) => inMeantZone(workspace, work, place, zone, now));
  const others = all.filter((place) => !meant.some((other) => overlaps(other, place)));
  const places = [...meant, ...others];
  if (last <= now) return places.sort((a, b) => a.from - b.from).slice(0, most);
  const [inTime, late] = [places.filter(({ to }) => to <= last), places.filter(({ to }) => to > last)];
  return [...inTime, ...late].slice(0, most);
}

/** The first place as long within the pocket of a place that lies wholly in a zone meant for the work. */
function inMeantZone(workspace: Workspace, work: Work, place: Span, zone: Zone, now: number): Span[] {
  const date = dateOf(place.from, zone);
  const pocket = pockets(workspace, date, zone, now).find((free) => overlaps(free, place));
  const meant = stretchesWhere(workspace, date, zone, (one) => isMeantFor(one, work));
  const [fits] = intersect(pocket ? [pocket] : [], meant)
    .map(({ from, to }) => ({ from: quarterFrom(from), to }))
    .filter(({ from, to }) => to - from >= place.to - place.from);
  return fits ? [{ from: fits.from, to: fits.from + place.to - place.from }] : [];
}

/** What is placed together with others: which task, and how many minutes it takes. */
export type ToFit = { readonly taskId: Id; readonly minutes: number };

/** Tasks as they are placed together, each as long as it takes; those that are gone are left out. */
export const toFit = (workspace: Workspace, ids: readonly Id[]): ToFit[] =>
  ids.flatMap((taskId) => {
    const task = taskOf(workspace, taskId);
    return task ? [{ taskId, minutes: minutesTaken(workspace, task) }] : [];
  });

/** A stretch for each of several tasks. */
export type Fitted = { readonly taskId: Id; readonly start: number; readonly minutes: number };

/** Days that are looked through for a row, the first included. */
const ROW_DAYS = 7;

/** Tasks one after the other from an instant on, around busy meetings and what is planned already, on quarter hours. */
export function inRow(workspace: Workspace, tasks: readonly ToFit[], from: number, zone: Zone): Fitted[] {
  const first = dateOf(from, zone);
  const taken = Array.from({ length: ROW_DAYS }, (_, i) =>
    takenOn(workspace, dayPlan(workspace, addDays(first, i), zone)),
  ).flat();
  let at = from;
  return tasks.map(({ taskId, minutes }) => {
    for (;;) {
      const span = { from: at, to: at + minutes * MINUTE };
      const hit = taken.find((free) => overlaps(free, span));
      if (!hit) break;
      at = quarterFrom(hit.to);
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
