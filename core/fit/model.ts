/*
 * What is to be fitted, as plain numbers: quarter hours that are free, and pieces of work that want them. Built from a workspace
 * in build.ts; the bench builds the same by itself and hands it to a solver.
 */

/** Something that wants quarter hours. A quarter hour is named by its place among those that are free. */
export type Job = {
  readonly id: string;
  /** How many quarter hours it needs, and how many in one go at least and at most. */
  readonly units: number;
  readonly least: number;
  readonly most: number;
  /** The first quarter hour that it may have, and the first that comes too late. */
  readonly from: number;
  readonly due: number;
  /** What each quarter hour is worth to it; -Infinity where it must not lie. */
  readonly gain: Float64Array;
  /** What it is worth that all of it is done in time. */
  readonly whole: number;
  /** The jobs, by their places, that have to be done wholly before it begins. */
  readonly after: readonly number[];
  /** What kind of work it is, where breaks are kept between kinds; -1 for none in particular. */
  readonly kind: number;
};

export type FitModel = {
  /** The instant (epoch ms) at which each free quarter hour begins, in order. */
  readonly at: Float64Array;
  /** Which stretch without a gap, and which day, each quarter hour is in; both counted from 0. */
  readonly run: Int32Array;
  readonly day: Int32Array;
  /** How many quarter hours of each day may be used. */
  readonly caps: Int32Array;
  /** The first quarter hour of each day, and their number at the end. */
  readonly starts: Int32Array;
  readonly jobs: readonly Job[];
  /** What each sitting costs. */
  readonly piece: number;
  /** How many quarter hours lie between two kinds of work at least. */
  readonly clear: number;
};

/** A sitting: its first quarter hour, and how many. */
export type Piece = { readonly from: number; readonly units: number };

/** What each job gets, in the order of the jobs: its sittings by time, none where it gets nothing. */
export type Plan = readonly (readonly Piece[])[];

export const endOf = ({ from, units }: Piece): number => from + units;

export const unitsOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((sum, { units }) => sum + units, 0);

/** Whether all of a job is done in time. */
export const isInTime = (job: Job, pieces: readonly Piece[]): boolean =>
  unitsOf(pieces) === job.units && pieces.every((piece) => endOf(piece) <= job.due);

/**
 * What a job is worth as it is placed: what its quarter hours are worth to it, less what its sittings cost, and more if all of it is
 * done in time. The one definition of what a plan is worth; docs/figures.md has the formula.
 */
export function valueOf(model: Pick<FitModel, 'piece'>, job: Job, pieces: readonly Piece[]): number {
  let value = isInTime(job, pieces) && job.units > 0 ? job.whole : 0;
  for (const piece of pieces) {
    value -= model.piece;
    for (let unit = piece.from; unit < endOf(piece); unit += 1) value += job.gain[unit] ?? -Infinity;
  }
  return value;
}

/** What a plan is worth: all its jobs together. */
export const worthOf = (model: FitModel, plan: Plan): number =>
  model.jobs.reduce((sum, job, i) => sum + valueOf(model, job, plan[i] ?? []), 0);

/** What speaks against a plan, in words for whoever tests it; nothing where each rule is kept. */
export function brokenRules(model: FitModel, plan: Plan): string[] {
  const broken: string[] = [];
  const holder = new Map<number, number>();
  const used = new Map<number, number>();
  model.jobs.forEach((job, i) => {
    const pieces = plan[i] ?? [];
    if (unitsOf(pieces) > job.units) broken.push(`${job.id} has too much`);
    pieces.forEach((piece, k) => {
      const { from, units } = piece;
      if (units < job.least || units > job.most) broken.push(`${job.id} has a sitting of ${units}`);
      if (from < job.from) broken.push(`${job.id} begins too early`);
      for (let unit = from; unit < endOf(piece); unit += 1) {
        if (holder.has(unit))
          broken.push(`${job.id} shares time with ${model.jobs[holder.get(unit) ?? 0]?.id}`);
        if (job.gain[unit] === -Infinity) broken.push(`${job.id} lies where it must not`);
        if (model.run[unit] !== model.run[from]) broken.push(`${job.id} goes on over a gap`);
        holder.set(unit, i);
        const day = model.day[unit] ?? 0;
        used.set(day, (used.get(day) ?? 0) + 1);
      }
      const next = pieces[k + 1];
      if (next && next.from === endOf(piece) && model.run[next.from] === model.run[from])
        broken.push(`${job.id} has two sittings without a break`);
    });
    for (const other of pieces.length === 0 ? [] : job.after) {
      const before = plan[other] ?? [];
      const end = Math.max(0, ...before.map(endOf));
      const isDone = unitsOf(before) === model.jobs[other]?.units;
      if (!isDone || pieces.some(({ from }) => from < end)) broken.push(`${job.id} does not wait`);
    }
  });
  for (const [day, units] of used)
    if (units > (model.caps[day] ?? 0)) broken.push(`day ${day} has ${units} of ${model.caps[day]}`);
  return [...broken, ...tooClose(model, holder)];
}

/** Where two kinds of work lie too close together. */
function tooClose({ run, clear, jobs }: FitModel, holder: ReadonlyMap<number, number>): string[] {
  const kindAt = (unit: number) => jobs[holder.get(unit) ?? -1]?.kind ?? -1;
  return [...holder.keys()].flatMap((unit) =>
    Array.from({ length: clear }, (_, i) => unit + i + 1).flatMap((other) => {
      const [one, two] = [kindAt(unit), kindAt(other)];
      return run[other] === run[unit] && one >= 0 && two >= 0 && one !== two
        ? [`kinds ${one} and ${two} lie too close`]
        : [];
    }),
  );
}
