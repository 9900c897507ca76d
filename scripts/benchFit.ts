import highsLoader from 'highs';
import { EFFORTS, looked } from '@/core/fit/effort';
import { brokenRules, type FitModel } from '@/core/fit/model';
import { madeUpWeek } from '@/core/fixtures/fitWeeks';
import { median } from '@/core/median';
import { randomFrom } from '@/core/random';
import { atOnce } from '@/core/working';
import { asProgram } from './fit/mip';

/*
 * Plans against the best there is: weeks made up by lot, each fitted as the application does it and by a mixed-integer solver, with the
 * same value. `WEEKS=20 LIMIT=60 npm run bench:fit`: how many weeks, and after how many seconds the solver gives up on one.
 */

const WEEKS = Number(process.env.WEEKS ?? 200);
const LIMIT = Number(process.env.LIMIT ?? 120);
const FIRST = Number(process.env.FIRST ?? 0);
/** A plan that is worth so little less is as good as the best: rounding. */
const SAME = 1e-6;

const timed = <A>(work: () => A): { readonly answer: A; readonly ms: number } => {
  const begun = performance.now();
  const answer = work();
  return { answer, ms: performance.now() - begun };
};

/** As the application looks at its last effort. */
function thorough(model: FitModel) {
  const found = atOnce(looked(model, EFFORTS - 1));
  const broken = brokenRules(model, found.plan);
  if (broken.length > 0) throw new Error(broken.join('\n'));
  return { ...found, bound: found.bound ?? Infinity };
}

async function solved(model: FitModel) {
  const highs = await highsLoader();
  const begun = performance.now();
  const options = { time_limit: LIMIT, mip_rel_gap: SAME };
  const { Status, ObjectiveValue } = highs.solve(asProgram(model), options);
  return { isBest: Status === 'Optimal', worth: ObjectiveValue, ms: performance.now() - begun };
}

const percent = (share: number) => `${(100 * share).toFixed(3)} %`;

async function main() {
  const found: { short: number; above: number; faster: number }[] = [];
  let unsolved = 0;
  for (let week = FIRST; week < FIRST + WEEKS; week += 1) {
    const random = randomFrom(1000 + week);
    const model = madeUpWeek(random, { tasks: 20 + Math.floor(random() * 26), days: 5 });
    const { answer: own, ms } = timed(() => thorough(model));
    const best = await solved(model);
    const told = `week ${week}: ${model.jobs.length} tasks, ${Math.round(ms)} ms, solver ${Math.round(best.ms)} ms`;
    if (!best.isBest) {
      unsolved += 1;
      console.log(`${told}, given up; at most ${percent(own.bound / own.worth - 1)} below the best`);
      continue;
    }
    const short = Math.max(0, 1 - own.worth / best.worth);
    found.push({ short, above: own.bound / best.worth - 1, faster: best.ms / ms });
    console.log(`${told}, ${percent(short)} below the best`);
  }
  console.log(`${found.length} of ${WEEKS} weeks solved, ${unsolved} given up after ${LIMIT} s`);
  if (found.length === 0) return;
  console.log(
    `the best: ${percent(found.filter(({ short }) => short <= SAME).length / found.length)} of them`,
  );
  console.log(
    `below it: median ${percent(median(found.map(({ short }) => short)))}, worst ${percent(Math.max(...found.map(({ short }) => short)))}`,
  );
  console.log(
    `bound above it: median ${percent(median(found.map(({ above }) => above)))}, least ${percent(Math.min(...found.map(({ above }) => above)))}`,
  );
  console.log(`times faster: median ${Math.round(median(found.map(({ faster }) => faster)))}`);
}

/** How long it takes: 60 tasks over a week, 500 over eight. */
function lengths() {
  for (const asked of [
    { tasks: 60, days: 5 },
    { tasks: 500, days: 40 },
  ]) {
    const model = madeUpWeek(randomFrom(5), asked);
    const each = Array.from({ length: EFFORTS }, (_, effort) => timed(() => atOnce(looked(model, effort))));
    const best = each.at(-1)?.answer;
    const below = each.map(
      ({ answer, ms }) =>
        `${Math.round(ms)} ms, ${percent((best?.bound ?? 0) / answer.worth - 1)} below the bound`,
    );
    console.log(`${asked.tasks} tasks over ${asked.days} days: ${below.join('; ')}`);
  }
}

lengths();
void main();
