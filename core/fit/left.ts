import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { STEP } from '../plan/placing';
import { meetingNeeding } from '../tasks/deadline';
import { waitedFor } from '../tasks/waiting';
import { lengthOf, MINUTE, overlaps, subtract, union, type Span } from '../time/span';
import type { FitAsked } from './asked';
import type { Built } from './build';
import { bestPlacement, mark, type Left } from './place';
import { endOf, isInTime, unitsOf, type FitModel, type Job, type Piece, type Plan } from './model';

/** What stands in the way of something. Minutes. */
export type Obstacle =
  /** It waits for what has no place itself. */
  | { readonly kind: 'waits'; readonly titles: readonly string[] }
  /** Nothing at all is free in time where it may lie. */
  | { readonly kind: 'noTime' }
  /** It needs so long in one go, and no free stretch is as long. */
  | { readonly kind: 'tooShort'; readonly needs: number; readonly longest: number }
  /** Less is left in time than it needs. */
  | { readonly kind: 'tooLittle'; readonly needs: number; readonly left: number };

/** What would make it fit in time; each was tried. */
export type Way =
  /** In shorter sittings, or in longer ones. */
  | { readonly kind: 'sittings'; readonly at: readonly Span[] }
  /** With what is left free on purpose. */
  | { readonly kind: 'spare'; readonly at: readonly Span[] }
  /** In zones that are kept for other work. */
  | { readonly kind: 'guarded'; readonly zones: readonly string[]; readonly at: readonly Span[] }
  | { readonly kind: 'meeting'; readonly meeting: Occurrence; readonly at: Span };

/** What does not get all that it needs in time, and why. */
export type LeftOver = {
  readonly taskId: Id;
  readonly holds: readonly Id[];
  /** Minutes without a place; 0 where all of it has one, too late. */
  readonly minutes: number;
  readonly last: number;
  readonly meeting: string | null;
  readonly why: Obstacle;
  readonly ways: readonly Way[];
};

export function leftOf(workspace: Workspace, asked: FitAsked, built: Built, plan: Plan): LeftOver[] {
  const { model, wanted } = built;
  const left = leftBy(model, plan);
  return model.jobs.flatMap((job, i) => {
    const own = wanted[i];
    const pieces = plan[i] ?? [];
    if (!own || isInTime(job, pieces)) return [];
    const [task, ...others] = own.tasks;
    const isLate = own.last <= asked.now;
    // what is overdue cannot be in time; it is left over only as far as it has no place
    if (isLate && unitsOf(pieces) === job.units) return [];
    const mine = withoutOwn(model, left, pieces);
    const meeting = meetingNeeding(task, workspace.events, asked.zone);
    const wholly = isLate ? { ...job, due: model.at.length } : job;
    const why = obstacle(workspace, built, wholly, i, mine, plan);
    return [
      {
        taskId: task.id,
        holds: others.map(({ id }) => id),
        minutes: Math.max(0, own.minutes - unitsOf(pieces) * STEP),
        last: own.last,
        meeting: meeting?.from === own.last ? meeting.title : null,
        why,
        ways: why.kind === 'waits' ? [] : waysOf(workspace, asked, built, wholly, mine, plan),
      },
    ];
  });
}

/** What a plan leaves of time. */
function leftBy({ at, day, caps }: FitModel, plan: Plan): Left {
  const left = { taken: new Uint8Array(at.length), room: Int32Array.from(caps) };
  for (const pieces of plan) mark(left, day, pieces, true);
  return left;
}

/** The same without what a job has itself. */
function withoutOwn({ day }: FitModel, { taken, room }: Left, pieces: readonly Piece[]): Left {
  const left = { taken: Uint8Array.from(taken), room: Int32Array.from(room) };
  mark(left, day, pieces, false);
  return left;
}

function obstacle(
  workspace: Workspace,
  { model, wanted }: Built,
  job: Job,
  i: number,
  left: Left,
  plan: Plan,
): Obstacle {
  const task = wanted[i]?.tasks[0];
  const waits = job.after.filter((other) => unitsOf(plan[other] ?? []) < (model.jobs[other]?.units ?? 0));
  if (waits.length > 0)
    return { kind: 'waits', titles: waits.flatMap((other) => wanted[other]?.tasks[0].title ?? []) };
  if (job.from >= model.at.length && task) {
    const titles = waitedFor(workspace, task).map(({ title }) => title);
    if (titles.length > 0) return { kind: 'waits', titles };
  }
  const { longest, total } = freeFor(model, job, left);
  const needs = Math.round(wanted[i]?.minutes ?? 0);
  if (total === 0) return { kind: 'noTime' };
  if (total >= job.units && longest < Math.min(job.units, job.least))
    return { kind: 'tooShort', needs: job.least * STEP, longest: longest * STEP };
  return { kind: 'tooLittle', needs, left: total * STEP };
}

/** The longest stretch, and all, that is free for a job in time, in quarter hours; no more of a day than is left of it. */
function freeFor({ run, day, starts }: FitModel, job: Job, { taken, room }: Left) {
  let [longest, total, length] = [0, 0, 0];
  for (let d = 0; d + 1 < starts.length; d += 1) {
    let own = 0;
    for (
      let unit = Math.max(job.from, starts[d] ?? 0);
      unit < Math.min(job.due, starts[d + 1] ?? 0);
      unit += 1
    ) {
      const isFree = taken[unit] === 0 && job.gain[unit] !== -Infinity;
      length = isFree ? (run[unit] === run[unit - 1] ? length + 1 : 1) : 0;
      longest = Math.max(longest, Math.min(length, room[day[unit] ?? 0] ?? 0));
      own += isFree ? 1 : 0;
    }
    total += Math.min(own, room[d] ?? 0);
  }
  return { longest, total };
}

/** Nobody works longer than a day in one go, in quarter hours. */
const LONGEST = 96;

/** Meetings that are tried, at most. */
const MOST_MEETINGS = 12;

function waysOf(
  workspace: Workspace,
  asked: FitAsked,
  built: Built,
  job: Job,
  left: Left,
  plan: Plan,
): Way[] {
  const { model } = built;
  const spans = (pieces: readonly Piece[]): Span[] =>
    pieces.map((piece) => ({
      from: model.at[piece.from] ?? 0,
      to: (model.at[endOf(piece) - 1] ?? 0) + STEP * MINUTE,
    }));
  const tried = (other: Job, from: Left): Span[] | undefined => {
    const { pieces } = bestPlacement(model, other, from, { from: startAfter(other, plan) });
    return isInTime(other, pieces) ? spans(pieces) : undefined;
  };
  const ways: Way[] = [];
  const inSittings = tried({ ...job, least: 1, most: Math.min(job.units, LONGEST) }, left);
  if (inSittings) ways.push({ kind: 'sittings', at: inSittings });
  const all = { taken: left.taken, room: Int32Array.from(left.room, () => model.at.length) };
  const withSpare = asked.spare > 0 ? tried(job, all) : undefined;
  if (withSpare) ways.push({ kind: 'spare', at: withSpare });
  const inGuarded = tried(unguarded(built, job), all);
  if (inGuarded && !withSpare)
    ways.push({ kind: 'guarded', zones: guardedIn(built, inGuarded), at: inGuarded });
  const moved = meetingAway(workspace, asked, built, job, left);
  return moved ? [...ways, moved] : ways;
}

/** A job that may also lie in zones which are kept for other work. */
const unguarded = ({ slots }: Built, job: Job): Job => ({
  ...job,
  gain: job.gain.map((gain, unit) => (slots[unit]?.zone?.openness === 'guarded' ? Math.max(0, gain) : gain)),
});

/** The zones that keep others out and are used by some stretches. */
const guardedIn = ({ slots }: Built, at: readonly Span[]): string[] => [
  ...new Set(
    slots.flatMap((slot) =>
      slot.zone?.openness === 'guarded' && at.some((span) => overlaps(span, slot)) ? [slot.zone.name] : [],
    ),
  ),
];

/** The first quarter hour after all that a job waits for. */
const startAfter = (job: Job, plan: Plan): number =>
  Math.max(job.from, ...job.after.flatMap((other) => (plan[other] ?? []).map(endOf)));

/** A meeting in whose place the work could be done in one go, if it were elsewhere. */
function meetingAway(
  workspace: Workspace,
  asked: FitAsked,
  built: Built,
  job: Job,
  left: Left,
): Way | undefined {
  const { slots, dates, wanted } = built;
  const needs = job.units * STEP;
  if (job.units > job.most) return undefined;
  const last = Math.min(
    asked.until,
    wanted.find(({ tasks: [task] }) => task.id === job.id)?.last ?? Infinity,
  );
  const free = slots.filter((_, unit) => left.taken[unit] === 0 && job.gain[unit] !== -Infinity);
  const from = slots[job.from]?.from ?? asked.now;
  const meetings = dates.flatMap((date, d) => {
    const plan = dayPlan(workspace, date, asked.zone);
    return plan.meetings
      .filter((meeting) => meeting.busy && meeting.from >= from && meeting.to <= last)
      .map((meeting) => ({ meeting, plan, room: left.room[d] ?? 0 }));
  });
  for (const { meeting, plan, room } of meetings.slice(0, MOST_MEETINGS)) {
    const gained = subtract(
      [meeting],
      [...plan.meetings.filter((one) => one !== meeting && one.busy), ...plan.buffers],
    );
    const inWork = subtract(gained, subtract([meeting], plan.working));
    const stretch = union([...free, ...inWork]).find(
      (span) =>
        span.from < meeting.to &&
        span.to > meeting.from &&
        lengthOf({ ...span, to: Math.min(span.to, last) }) >= needs,
    );
    if (stretch && room * STEP + lengthOf(meeting) * (1 - asked.spare) >= needs)
      return { kind: 'meeting', meeting, at: { from: stretch.from, to: stretch.from + needs * MINUTE } };
  }
  return undefined;
}
