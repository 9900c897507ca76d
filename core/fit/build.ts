import { isMeantFor, takesWork } from '../frame/belonging';
import { zonesOn } from '../frame/zones';
import type { Id } from '../model/common';
import type { FrameZone } from '../model/frame';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { dayPlan, minutesOn } from '../plan/dayPlan';
import { STEP } from '../plan/placing';
import { roomOn, type DayRoom } from '../plan/room';
import { kindOf } from '../tasks/takes';
import { spanOfBlock } from '../tasks/places';
import { waitedFor } from '../tasks/waiting';
import { MINUTE, minutesOf, overlaps, type Span } from '../time/span';
import { addDays, dateOf, type IsoDate } from '../time/zone';
import type { FitAsked, Held } from './asked';
import type { FitModel, Job } from './model';
import { blocksAround, wantedOf, type Around, type Wanted } from './wanted';

/*
 * What a workspace asks of a fit, as plain numbers.
 */

const QUARTER = STEP * MINUTE;

/** Points for a quarter hour, by what comes first: on time, placed at all, the zone, sharp hours, few sittings, early, little change. */
export const POINTS = {
  inTime: 100,
  placed: 40,
  /** Less for each day later than due, down to the least. */
  perDayLate: 1,
  leastLate: 20,
  zone: 8,
  energy: 6,
  catchUp: 4,
  piece: 24,
  perDay: 0.3,
  keep: 30,
  /** What it costs to work through a break. */
  rest: 30,
} as const;

/** So long one works in one go, in minutes, unless a task says otherwise; after the most comes a break of a quarter hour. */
export const SITTING = { least: 30, most: 120 } as const;

/** A free quarter hour. */
export type Slot = Span & {
  readonly date: IsoDate;
  readonly zone: FrameZone | undefined;
  /** A break in a long free stretch, which is worked through only where that is needed, or by who works longer in one go. */
  readonly rest: boolean;
};

export type Built = {
  readonly model: FitModel;
  readonly wanted: readonly Wanted[];
  readonly slots: readonly Slot[];
  readonly dates: readonly IsoDate[];
};

/** The workspace with what stands already in place, and without what may move. */
function groundOf(workspace: Workspace, { held }: FitAsked, { move }: Around): Workspace {
  const standing = held.map((one, i) => ({ ...one, id: `held ${i}` }));
  const gone = move.map(({ id }) => id);
  return { ...workspace, blocks: workspace.blocks.with(standing, gone) };
}

export function build(workspace: Workspace, asked: FitAsked): Built {
  const around = blocksAround(workspace, asked);
  const ground = groundOf(workspace, asked, around);
  const dates = datesUntil(asked);
  const rooms = dates.map((date) => roomOn(ground, date, asked.zone, asked.now));
  const perDay = rooms.map((room, i) => slotsOf(ground, dates[i] ?? '', room, asked));
  const slots = perDay.flat();
  const wanted = wantedOf(workspace, asked, around);
  const run = runsOf(slots);
  const starts = perDay.reduce<number[]>((all, day) => [...all, (all.at(-1) ?? 0) + day.length], [0]);
  const at = Float64Array.from(slots, ({ from }) => from);
  const places = new Map<Id, number>();
  wanted.forEach(({ tasks }, i) => tasks.forEach(({ id }) => places.set(id, i)));
  const kinds = new Map<string, number>();
  const standing = [...around.stay, ...asked.held];
  const caps = Int32Array.from(rooms, (room, d) => capOf(ground, dates[d] ?? '', room, asked));
  const most = caps.reduce((sum, cap) => sum + cap, 0);
  const model = {
    at,
    run,
    day: Int32Array.from(perDay.flatMap((day, d) => day.map(() => d))),
    caps,
    starts: Int32Array.from(starts),
    jobs: wanted.map((one) => jobOf(workspace, asked, one, { slots, places, kinds, standing, most })),
    piece: POINTS.piece,
    clear: Math.ceil(workspace.settings.buffers.betweenKinds / STEP),
  };
  return { model, wanted, slots, dates };
}

function datesUntil({ now, until, zone }: FitAsked): IsoDate[] {
  const dates: IsoDate[] = [];
  for (let date = dateOf(now, zone); date <= dateOf(until - 1, zone); date = addDays(date, 1))
    dates.push(date);
  return dates;
}

/** The whole quarter hours that are free on a day. */
function slotsOf(workspace: Workspace, date: IsoDate, { free }: DayRoom, { zone, until }: FitAsked): Slot[] {
  const zones = zonesOn(workspace, date, zone);
  const around = (span: Span) => zones.find(({ spans }) => spans.some((one) => overlaps(one, span)))?.zone;
  return free.flatMap((stretch) => {
    const first = Math.ceil(stretch.from / QUARTER) * QUARTER;
    const count = Math.max(0, Math.floor((Math.min(stretch.to, until) - first) / QUARTER));
    return Array.from({ length: count }, (_, i) => {
      const span = { from: first + i * QUARTER, to: first + (i + 1) * QUARTER };
      const most = SITTING.most / STEP;
      return { ...span, date, zone: around(span), rest: i % (most + 1) === most && i < count - 1 };
    });
  });
}

/** Which stretch without a gap each quarter hour is in. */
function runsOf(slots: readonly Slot[]): Int32Array {
  let run = 0;
  return Int32Array.from(slots, ({ from }, i) => {
    const before = slots[i - 1];
    if (before && before.to !== from) run += 1;
    return run;
  });
}

/**
 * How many quarter hours of a day may be used: what is free and what is planned ahead together, without the share that is left free on
 * purpose and what is planned; never more than is left of the hours that were said for the day.
 */
function capOf(workspace: Workspace, date: IsoDate, { day, free, most }: DayRoom, asked: FitAsked): number {
  const ahead = { from: Math.max(day.from, asked.now), to: day.to };
  const planned = dayPlan(workspace, date, asked.zone).blocks.reduce(
    (sum, block) => sum + minutesOn(ahead, block),
    0,
  );
  const open = minutesOf(free);
  const usable = (1 - asked.spare) * (open + planned) - planned;
  return Math.max(0, Math.floor(Math.min(usable, most) / STEP));
}

type Ground = {
  readonly slots: readonly Slot[];
  readonly places: ReadonlyMap<Id, number>;
  readonly kinds: Map<string, number>;
  /** What stays where it is. */
  readonly standing: readonly Held[];
  /** How many quarter hours can be used in all. */
  readonly most: number;
};

function jobOf(workspace: Workspace, asked: FitAsked, wanted: Wanted, on: Ground): Job {
  const { slots, places, kinds, standing, most } = on;
  const { tasks, minutes, last, weight } = wanted;
  const [task] = tasks;
  const units = Math.ceil(minutes / STEP);
  const before = waitedFor(workspace, task).map(({ id }) => places.get(id) ?? id);
  const isLate = last <= asked.now;
  const due = slots.filter(({ to }) => to <= last).length;
  const hasDue = Number.isFinite(last) && last <= asked.until && !isLate;
  const from = Math.max(wanted.from, ...before.map((other) => readyAt(standing, asked.now, other)));
  const first = slots.findIndex((slot) => slot.from >= from);
  const own = { ...wanted, hasDue, isLate };
  return {
    id: task.id,
    // what is longer than all the time there is can never be whole
    units: Math.min(units, most + 1),
    ...sittingOf(task, units),
    from: first < 0 ? slots.length : first,
    due,
    gain: Float64Array.from(slots, (slot, unit) => gainOf(slot, unit < due, own, asked)),
    whole: (hasDue ? POINTS.inTime : POINTS.placed) * weight,
    after: before.filter((other) => typeof other === 'number'),
    kind: kindIndex(kinds, kindOf(task)),
  };
}

const kindIndex = (kinds: Map<string, number>, kind: string): number => {
  const found = kinds.get(kind) ?? kinds.size;
  kinds.set(kind, found);
  return found;
};

/** When something that is waited for, and is not among what is fitted, is done: at the end of its blocks; never where it has none. */
function readyAt(standing: readonly Held[], now: number, other: Id | number): number {
  if (typeof other === 'number') return now;
  const ends = standing.filter(({ taskId }) => taskId === other).map((block) => spanOfBlock(block).to);
  return ends.length === 0 ? Infinity : Math.max(...ends);
}

/** How many quarter hours in one go: shorter than the least only where that is all there is, or the sittings would not come out even. */
function sittingOf({ sitting }: Task, units: number): Pick<Job, 'least' | 'most'> {
  const { least, most } = sitting ?? SITTING;
  const longest = Math.max(1, Math.floor(most / STEP));
  const even = Math.floor(units / Math.ceil(units / longest));
  return { least: Math.max(1, Math.min(units, Math.ceil(least / STEP), even)), most: longest };
}

type Own = Wanted & { readonly hasDue: boolean; readonly isLate: boolean };

/** What a free quarter hour is worth to some work. */
function gainOf(
  slot: Slot,
  isInTime: boolean,
  { tasks: [task], weight, last, blocks, hasDue, isLate }: Own,
  asked: FitAsked,
): number {
  const { zone } = slot;
  const takes = !zone || takesWork(zone, task);
  if (zone?.openness === 'guarded' && !takes) return -Infinity;
  const days = (slot.from - asked.now) / (24 * 60 * MINUTE);
  const late = Math.max(0, (slot.to - last) / (24 * 60 * MINUTE));
  const placed = Math.max(POINTS.leastLate, POINTS.placed - POINTS.perDayLate * (isLate ? days : late));
  const rate = hasDue && isInTime ? POINTS.inTime : placed;
  const stays = blocks.some((block) => overlaps(spanOfBlock(block), slot));
  return (
    weight * (rate - POINTS.perDay * days) +
    zonePoints(zone, task, takes, isLate) +
    energyPoints(zone, task) +
    (stays ? POINTS.keep : 0) -
    (slot.rest && (task.sitting?.most ?? 0) <= SITTING.most ? POINTS.rest : 0)
  );
}

function zonePoints(zone: FrameZone | undefined, task: Task, takes: boolean, isLate: boolean): number {
  if (!zone) return 0;
  if (isMeantFor(zone, task)) return POINTS.zone;
  if (zone.catchUp) return isLate ? POINTS.catchUp : -POINTS.catchUp;
  return takes ? 0 : -POINTS.zone;
}

function energyPoints(zone: FrameZone | undefined, { energy }: Task): number {
  if (!zone || !energy || zone.energy === 'steady') return 0;
  const fits = (energy === 'sharp') === (zone.energy === 'sharp');
  return fits ? POINTS.energy : -POINTS.energy;
}
