import { endOf, unitsOf, type FitModel, type Job, type Piece } from './model';

/*
 * The best sittings of one job in what the others leave: exact, by going through each day and then over the days (dynamic
 * programming). All that a search does comes down to this.
 */

/** What others leave: whether each quarter hour is taken, and how many of each day are left. */
export type Left = { readonly taken: Uint8Array; readonly room: Int32Array };

export type Placement = { readonly value: number; readonly pieces: readonly Piece[] };

export const nowhere: Placement = { value: 0, pieces: [] };

/** Room to count in, shared by all calls; it grows with what is asked. */
let best = new Float64Array(0);
let choice = new Uint8Array(0);
let ending = new Float64Array(0);
let picked = new Int16Array(0);

export type Placing = {
  readonly from?: number;
  /** What each quarter hour costs beside what it is worth. */
  readonly prices?: Float64Array | undefined;
};

/**
 * The best sittings of a job: in time as a whole, or whatever else is worth most; nothing where nothing is worth anything. With
 * `prices` each quarter hour costs so much.
 */
export function bestPlacement(
  model: FitModel,
  job: Job,
  left: Left,
  { from = job.from, prices }: Placing = {},
): Placement {
  const last = model.at.length;
  if (job.units === 0 || from >= last) return nowhere;
  const due = Math.min(job.due, last);
  const inTime = from < due ? within(model, job, left, from, due, prices, true) : nowhere;
  // all of it in time is worth more than any of it later
  const isWhole = inTime.pieces.length > 0 && unitsOf(inTime.pieces) === job.units;
  if (due === last || (isWhole && !prices)) return inTime;
  const anyTime = within(model, job, left, from, last, prices, false);
  return anyTime.value > inTime.value ? anyTime : inTime;
}

/** Takes what some sittings need out of what is left, or gives it back. */
export function mark(
  { taken, room }: Left,
  day: Int32Array,
  pieces: readonly Piece[],
  isTaken: boolean,
): void {
  for (const piece of pieces)
    for (let unit = piece.from; unit < endOf(piece); unit += 1) {
      const own = day[unit] ?? 0;
      taken[unit] = isTaken ? 1 : 0;
      room[own] = (room[own] ?? 0) + (isTaken ? -1 : 1);
    }
}

/** The quarter hours of a day that are looked through, and where their rows begin in `best`. */
type DayRows = { readonly begins: number; readonly ends: number; readonly row: number };

/** The best sittings between two quarter hours; `counts` says whether the whole is worth more there. */
function within(
  model: FitModel,
  job: Job,
  left: Left,
  from: number,
  until: number,
  prices: Float64Array | undefined,
  counts: boolean,
): Placement {
  const { starts, day } = model;
  const { units } = job;
  const [first, final] = [day[from] ?? 0, day[until - 1] ?? 0];
  const width = units + 1;
  const days = final - first + 1;
  const span = (starts[final + 1] ?? 0) - (starts[first] ?? 0) + days;
  if (best.length < span * width) {
    best = new Float64Array(span * width);
    choice = new Uint8Array(span * width);
  }
  if (ending.length < (days + 1) * width) {
    ending = new Float64Array((days + 1) * width);
    picked = new Int16Array((days + 1) * width);
  }
  ending.fill(-Infinity, 0, (days + 1) * width);
  ending[0] = 0;
  const rows: DayRows[] = [];
  let row = 0;
  for (let d = 0; d < days; d += 1) {
    const begins = Math.max(from, starts[first + d] ?? 0);
    const ends = Math.min(until, starts[first + d + 1] ?? 0);
    const most = Math.min(units, left.room[first + d] ?? 0);
    rows.push({ begins, ends, row });
    if (most >= job.least) fillDay(model, job, left, { begins, ends, row }, most, width, prices);
    overDays(d, width, most >= job.least ? most : 0, row + (ends - begins) * width);
    row += (ends - begins + 1) * width;
  }
  let [value, count] = [0, 0];
  for (let k = job.least; k <= units; k += 1) {
    const found = (ending[days * width + k] ?? -Infinity) + (counts && k === units ? job.whole : 0);
    if (found > value) [value, count] = [found, k];
  }
  return count === 0 ? nowhere : { value, pieces: piecesOf(model, rows, width, count) };
}

/** What a day is worth with each number of quarter hours of it: rows of `best`, one for each place between two of them. */
function fillDay(
  { run, piece }: FitModel,
  job: Job,
  left: Left,
  { begins, ends, row }: DayRows,
  most: number,
  width: number,
  prices: Float64Array | undefined,
): void {
  const { gain, least, most: longest } = job;
  const { taken } = left;
  best.fill(-Infinity, row, row + width);
  best[row] = 0;
  let reach = 0;
  for (let i = begins; i < ends; i += 1) {
    const here = row + (i - begins + 1) * width;
    const before = here - width;
    const bounded = i === begins || run[i] !== run[i - 1];
    const own = gain[i] ?? -Infinity;
    const isFree = taken[i] === 0 && own > -Infinity;
    reach = isFree ? (bounded ? 1 : reach + 1) : 0;
    for (let k = 0; k <= most; k += 1) {
      best[here + k] = best[before + k] ?? -Infinity;
      choice[here + k] = 0;
    }
    if (reach < least) continue;
    let sum = -piece;
    const longestHere = Math.min(longest, reach, most);
    for (let units = 1; units <= longestHere; units += 1) {
      const unit = i - units + 1;
      sum += (gain[unit] ?? 0) - (prices ? (prices[unit] ?? 0) : 0);
      if (units < least) continue;
      // it begins right after a gap of the day, or after a quarter hour that the job leaves
      const atGap = unit === begins || run[unit] !== run[unit - 1];
      const start = row + (unit - begins - (atGap ? 0 : 1)) * width;
      for (let k = units; k <= most; k += 1) {
        const value = (best[start + k - units] ?? -Infinity) + sum;
        if (value > (best[here + k] ?? -Infinity)) {
          best[here + k] = value;
          choice[here + k] = units;
        }
      }
    }
  }
}

/** The days so far and one more: how much of the one, for each number together. */
function overDays(d: number, width: number, most: number, lastRow: number): void {
  const [before, here] = [d * width, (d + 1) * width];
  for (let k = 0; k < width; k += 1) {
    let [value, own] = [ending[before + k] ?? -Infinity, 0];
    for (let units = 1; units <= Math.min(k, most); units += 1) {
      const found = (ending[before + k - units] ?? -Infinity) + (best[lastRow + units] ?? -Infinity);
      if (found > value) [value, own] = [found, units];
    }
    ending[here + k] = value;
    picked[here + k] = own;
  }
}

/** The sittings that were chosen, by time. */
function piecesOf({ run }: FitModel, days: readonly DayRows[], width: number, count: number): Piece[] {
  const pieces: Piece[] = [];
  let open = count;
  for (const [d, { begins, ends, row }] of [...days.entries()].reverse()) {
    let own = picked[(d + 1) * width + open] ?? 0;
    open -= own;
    let i = ends - begins;
    while (own > 0 && i > 0) {
      const units = choice[row + i * width + own] ?? 0;
      if (units === 0) {
        i -= 1;
        continue;
      }
      const unit = begins + i - units;
      pieces.push({ from: unit, units });
      own -= units;
      const atGap = unit === begins || run[unit] !== run[unit - 1];
      i = unit - begins - (atGap ? 0 : 1);
    }
  }
  return pieces.reverse();
}
