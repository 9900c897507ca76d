import type { Working } from '../working';
import { bestPlacement } from './place';
import { endOf, type FitModel } from './model';

/** What no plan is worth more than, and what each quarter hour costs by it. */
export type Bound = { readonly worth: number; readonly prices: Float64Array };

/**
 * What no plan can be worth more than: each quarter hour and each day has a price, and every job is placed where it is best as if it
 * were alone and paid for its time; what all of them gain together, and the prices of all time that there is, is never less than the
 * best plan (Lagrangian relaxation; Geoffrion 1974). The prices go up where more is wanted than there is and down where less is,
 * by steps towards the best plan known (subgradient method; Held, Wolfe and Crowder 1974).
 */
export function* boundOf(model: FitModel, known: number, rounds: number): Working<Bound> {
  const { at, day, caps, jobs } = model;
  const units = new Float64Array(at.length);
  const days = new Float64Array(caps.length);
  const prices = new Float64Array(at.length);
  const left = { taken: new Uint8Array(at.length), room: caps };
  let best: Bound = { worth: Infinity, prices: Float64Array.from(prices) };
  let step = 1;
  let since = 0;
  for (let round = 0; round < rounds; round += 1) {
    yield round / rounds;
    for (let unit = 0; unit < at.length; unit += 1)
      prices[unit] = (units[unit] ?? 0) + (days[day[unit] ?? 0] ?? 0);
    const wanted = new Int32Array(at.length);
    const wantedOn = new Int32Array(caps.length);
    let worth = units.reduce((sum, price) => sum + price, 0);
    days.forEach((price, d) => (worth += price * (caps[d] ?? 0)));
    for (const job of jobs) {
      const { value, pieces } = bestPlacement(model, job, left, { prices });
      worth += value;
      for (const piece of pieces)
        for (let unit = piece.from; unit < endOf(piece); unit += 1) {
          wanted[unit] = (wanted[unit] ?? 0) + 1;
          wantedOn[day[unit] ?? 0] = (wantedOn[day[unit] ?? 0] ?? 0) + 1;
        }
    }
    if (worth < best.worth - 1e-9) {
      best = { worth, prices: Float64Array.from(prices) };
      since = 0;
    } else if ((since += 1) >= PATIENCE) {
      step /= 2;
      since = 0;
    }
    if (best.worth - known <= CLOSE * Math.abs(known)) break;
    let norm = 0;
    wanted.forEach((count, unit) => (norm += slope(count - 1, units[unit] ?? 0) ** 2));
    wantedOn.forEach((count, d) => (norm += slope(count - (caps[d] ?? 0), days[d] ?? 0) ** 2));
    if (norm === 0) break;
    const length = (step * Math.max(worth - known, CLOSE * Math.abs(known))) / norm;
    wanted.forEach((count, unit) => {
      units[unit] = Math.max(0, (units[unit] ?? 0) + length * (count - 1));
    });
    wantedOn.forEach((count, d) => {
      days[d] = Math.max(0, (days[d] ?? 0) + length * (count - (caps[d] ?? 0)));
    });
  }
  return best;
}

/** Rounds without a better bound after which steps become half as long. */
const PATIENCE = 8;
/** A bound is close enough at a ten-thousandth above the best plan known. */
const CLOSE = 1e-4;

/** A price that is nothing cannot fall. */
const slope = (excess: number, price: number): number => (price <= 0 && excess < 0 ? 0 : excess);

/**
 * How many jobs can be done wholly in time at most, whatever is given up for it: by due time, and whenever time runs out, without the
 * longest so far (Moore 1968). What begins later or must not lie everywhere is taken as if it could, so no plan gets more.
 */
export function mostInTime(
  { jobs, caps, day, at }: FitModel,
  counts: readonly number[] = jobs.map(() => 1),
): number {
  // how many quarter hours can be used before each one
  const usable = new Int32Array(at.length + 1);
  const used = new Int32Array(caps.length);
  for (let unit = 0; unit < at.length; unit += 1) {
    const own = day[unit] ?? 0;
    const more = (used[own] ?? 0) < (caps[own] ?? 0) ? 1 : 0;
    used[own] = (used[own] ?? 0) + more;
    usable[unit + 1] = (usable[unit] ?? 0) + more;
  }
  // a group counts as its tasks, each as long as its share
  const each = jobs.flatMap(({ due, units }, i) =>
    Array.from({ length: counts[i] ?? 1 }, () => ({ due, units: units / (counts[i] ?? 1) })),
  );
  const kept: number[] = [];
  let load = 0;
  for (const { due, units } of each.sort((a, b) => a.due - b.due)) {
    kept.push(units);
    load += units;
    if (load <= (usable[Math.min(due, at.length)] ?? 0) + 1e-9) continue;
    const longest = kept.reduce((most, _, i) => ((kept[i] ?? 0) > (kept[most] ?? 0) ? i : most), 0);
    load -= kept.splice(longest, 1)[0] ?? 0;
  }
  return kept.length;
}
