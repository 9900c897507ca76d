import { endOf, type FitModel, type Job, type Piece } from '@/core/fit/model';

/*
 * The same question as a mixed-integer program, in the format of CPLEX LP files: which sittings each job has (p), and whether several of
 * them together are all of it, in time (z). A job that is done in one sitting has what that is worth in the sitting itself, which makes
 * the relaxation close.
 */

/** A sum of terms, broken into lines as the format bounds them. */
const sum = (terms: readonly string[]): string =>
  terms.map((term, i) => (i % 8 === 7 ? `${term}\n` : term)).join(' ');

/** All sittings that a job could have. */
function sittingsOf({ run, at }: FitModel, job: Job): Piece[] {
  const found: Piece[] = [];
  for (let from = job.from; from < at.length; from += 1)
    for (let units = 1; units <= Math.min(job.most, job.units); units += 1) {
      const last = from + units - 1;
      if (last >= at.length || run[last] !== run[from] || job.gain[last] === -Infinity) break;
      if (units >= job.least) found.push({ from, units });
    }
  return found;
}

const covers = (piece: Piece, unit: number) => piece.from <= unit && unit < endOf(piece);

export function asProgram(model: FitModel): string {
  const { jobs, run, day, caps, piece: cost, at } = model;
  const units = [...at.keys()];
  const worth: string[] = [];
  const rules: string[] = [];
  const names: string[] = [];
  const name = (j: number, { from, units: count }: Piece) => `p${j}_${from}_${count}`;
  const holding: string[][] = units.map(() => []);
  const ofDay: string[][] = [...caps].map(() => []);
  const all = jobs.map((job) => sittingsOf(model, job));
  jobs.forEach((job, j) => {
    const own = all[j] ?? [];
    const total: string[] = [];
    const several: string[] = [];
    for (const piece of own) {
      let value = -cost;
      for (let unit = piece.from; unit < endOf(piece); unit += 1) {
        value += job.gain[unit] ?? 0;
        holding[unit]?.push(`+ ${name(j, piece)}`);
      }
      const isInTime = endOf(piece) <= job.due;
      if (piece.units === job.units && isInTime) value += job.whole;
      else if (isInTime) several.push(`- ${piece.units} ${name(j, piece)}`);
      worth.push(`${value < 0 ? '-' : '+'} ${Math.abs(value)} ${name(j, piece)}`);
      names.push(name(j, piece));
      total.push(`+ ${piece.units} ${name(j, piece)}`);
      ofDay[day[piece.from] ?? 0]?.push(`+ ${piece.units} ${name(j, piece)}`);
    }
    if (total.length > 0) rules.push(`${sum(total)} <= ${job.units}`);
    if (several.length > 0) {
      worth.push(`+ ${job.whole} z${j}`);
      names.push(`z${j}`);
      rules.push(`${job.units} z${j} ${sum(several)} <= 0`);
    }
    for (const unit of units) {
      const near = own.filter(
        (piece) => covers(piece, unit) || (run[unit - 1] === run[unit] && covers(piece, unit - 1)),
      );
      if (near.length > 1) rules.push(`${sum(near.map((piece) => `+ ${name(j, piece)}`))} <= 1`);
    }
    for (const other of job.after)
      for (const unit of units) {
        const begins = own
          .filter(({ from }) => from === unit)
          .map((piece) => `+ ${jobs[other]?.units} ${name(j, piece)}`);
        const before = (all[other] ?? []).flatMap((piece) => {
          const done = Math.min(endOf(piece), unit) - piece.from;
          return done > 0 ? [`- ${done} ${name(other, piece)}`] : [];
        });
        if (begins.length > 0) rules.push(`${sum([...begins, ...before])} <= 0`);
      }
  });
  for (const terms of holding) if (terms.length > 1) rules.push(`${sum(terms)} <= 1`);
  ofDay.forEach((terms, d) => terms.length > 0 && rules.push(`${sum(terms)} <= ${caps[d]}`));
  return [
    'Maximize',
    ` worth: ${sum(worth)}`,
    'Subject To',
    ...rules.map((text, i) => ` r${i}: ${text}`),
    'Binary',
    ` ${sum(names)}`,
    'End',
  ].join('\n');
}
