import { bestPlacement, mark, nowhere, type Left, type Placement } from './place';
import { endOf, isInTime, unitsOf, valueOf, type FitModel, type Job, type Piece, type Plan } from './model';

/** A plan that is being made: what each job gets, and what is left of time. */
export class Draft implements Left {
  readonly taken: Uint8Array;
  readonly room: Int32Array;
  readonly placed: Placement[];
  worth = 0;
  readonly #holder: Int32Array;

  constructor(readonly model: FitModel) {
    this.taken = new Uint8Array(model.at.length);
    this.room = Int32Array.from(model.caps);
    this.placed = model.jobs.map(() => nowhere);
    this.#holder = new Int32Array(model.at.length).fill(-1);
  }

  holderOf(unit: number): number {
    return this.#holder[unit] ?? -1;
  }

  private hold(i: number, pieces: readonly Piece[], isTaken: boolean): void {
    mark(this, this.model.day, pieces, isTaken);
    for (const piece of pieces) this.#holder.fill(isTaken ? i : -1, piece.from, endOf(piece));
  }

  put(i: number, placement: Placement): void {
    this.hold(i, placement.pieces, true);
    this.placed[i] = placement;
    this.worth += placement.value;
  }

  takeOff(i: number): Placement {
    const placement = this.placed[i] ?? nowhere;
    this.hold(i, placement.pieces, false);
    this.placed[i] = nowhere;
    this.worth -= placement.value;
    return placement;
  }

  /** Places a job where it is best now; nowhere while something that it waits for is not done. */
  place(i: number, prices?: Float64Array): void {
    const { jobs } = this.model;
    const job = jobs[i];
    if (!job) return;
    let { from } = job;
    for (const other of job.after) {
      const pieces = this.placed[other]?.pieces ?? [];
      if (unitsOf(pieces) < (jobs[other]?.units ?? 0)) return;
      from = Math.max(from, ...pieces.map(endOf));
    }
    const found = bestPlacement(this.model, job, this.leftFor(job), { from, prices });
    const { pieces } = found;
    this.put(i, prices ? { pieces, value: valueOf(this.model, job, pieces) } : found);
  }

  /** What is left for a job where breaks are kept between kinds: not what lies too close to another kind. */
  private leftFor(job: Job): Left {
    const { clear, run, jobs } = this.model;
    if (clear === 0 || job.kind < 0) return this;
    const taken = Uint8Array.from(this.taken);
    this.#holder.forEach((other, unit) => {
      const kind = jobs[other]?.kind ?? -1;
      if (kind < 0 || kind === job.kind) return;
      for (let near = unit - clear; near <= unit + clear; near += 1)
        if (run[near] === run[unit]) taken[near] = 1;
    });
    return { taken, room: this.room };
  }

  /** Whether a job could get more. */
  isOpen(i: number): boolean {
    const job = this.model.jobs[i];
    return job !== undefined && !isInTime(job, this.placed[i]?.pieces ?? []);
  }

  plan(): Plan {
    return this.placed.map(({ pieces }) => pieces);
  }
}
