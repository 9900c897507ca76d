import { derived } from '../model/collection';
import type { Frame, FrameHold } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { weekOf } from '../time/week';
import { addDays, daysBetween, type IsoDate } from '../time/zone';

const inOrder = derived<Frame, Frame[]>((frames) =>
  frames.values().sort((a, b) => a.rank - b.rank || a.id.localeCompare(b.id)),
);

/** The frames that can be chosen, in their order. */
export const framesOf = ({ frames }: Pick<Workspace, 'frames'>): Frame[] =>
  inOrder(frames).filter(({ retired }) => !retired);

/** What is said of a later week beats what is said of an earlier one; of the same week, what was said last. */
const later = (a: FrameHold, b: FrameHold) =>
  b.from.localeCompare(a.from) || (b.changedAt ?? 0) - (a.changedAt ?? 0);

/** Whether what is said of a frame holds in a week, given by its first day. */
function holdsIn({ from, until, how, every }: FrameHold, week: IsoDate, weekStart: number): boolean {
  const weeks = daysBetween(weekOf(from, weekStart), week) / 7;
  if (weeks < 0 || (until !== null && week >= weekOf(until, weekStart))) return false;
  return how === 'on' || (how === 'once' ? weeks === 0 : weeks % every === 0);
}

const strength = { once: 0, every: 1, on: 2 };

/**
 * The frame of the week that a date lies in: what is said of that week alone, else an exception every so many weeks,
 * else what holds from a week on, else the first frame.
 */
export function frameOf(workspace: Workspace, date: IsoDate): Frame | undefined {
  const { frames } = workspace;
  const [hold] = holdsOf(workspace, date);
  return (hold && frames.get(hold.frameId)) ?? framesOf(workspace)[0] ?? inOrder(frames)[0];
}

/** All that is said of the week that a date lies in, what holds first. */
function holdsOf({ frames, frameHolds, settings }: Workspace, date: IsoDate): FrameHold[] {
  const week = weekOf(date, settings.weekStart);
  return frameHolds
    .values()
    .filter((one) => frames.has(one.frameId) && holdsIn(one, week, settings.weekStart))
    .sort((a, b) => strength[a.how] - strength[b.how] || later(a, b));
}

/** The first of so many weeks from a date on in which something else holds than is said, and the frame that holds then. */
export function givesWay(
  workspace: Workspace,
  { id, frameId }: FrameHold,
  from: IsoDate,
  weeks: number,
): { readonly week: IsoDate; readonly to: Frame } | undefined {
  for (let i = 0; i < weeks; i += 1) {
    const week = weekOf(addDays(from, 7 * i), workspace.settings.weekStart);
    const [first, ...others] = holdsOf(workspace, week);
    const to = first && workspace.frames.get(first.frameId);
    if (to && to.id !== frameId && others.some((other) => other.id === id)) return { week, to };
  }
  return undefined;
}

/** The zones and hours of a frame in the week of a date: in a week that had ended when they were changed, those of then. */
export const frameAsOf = (frame: Frame, date: IsoDate): Pick<Frame, 'zones' | 'hours'> =>
  frame.before.find(({ until }) => date < until) ?? frame;
