import { estimatesOf, habitsIn } from '@/core/estimates/told';
import { ledger } from '@/core/review/ledger';
import { addDays, instantOf } from '@/core/time/zone';
import { atOnce } from '@/core/working';
import { longHistory } from '@/demo/tenYears';

/** What `benchReview.ts` has done within Chromium, with its own Temporal: how long ledgers take, in milliseconds. */

const zone = 'Europe/London';
const now = instantOf('2026-11-24T18:00', zone);
const workspace = longHistory({ seed: 7, now, zone, days: 3650 });
const today = '2026-11-23';

function time(first: string, last: string): number {
  const span = { from: instantOf(first, zone), to: instantOf(last, zone) };
  const began = performance.now();
  ledger(workspace, span, zone, now);
  return Math.round(10 * (performance.now() - began)) / 10;
}

function timed(work: () => unknown): number {
  const began = performance.now();
  work();
  return Math.round(performance.now() - began);
}

const spans = {
  week: (n: number) => time(addDays(today, -7 * n - 7), addDays(today, -7 * n)),
  year: () => time('2025-11-24', '2026-11-24'),
  'ten years': () => time('2016-11-25', '2026-11-24'),
  'habits of estimating': () => timed(() => atOnce(habitsIn(workspace, { zone, now }))),
  'estimates, with their test': () =>
    timed(() => atOnce(estimatesOf(workspace, { by: 'category', which: 'last', zone, now }))),
};

const found = Object.entries(spans).map(([name, measure]) => {
  const times = Array.from({ length: 9 }, (_, i) => measure(i + 1));
  return [name, { first: times[0], median: times.sort((a, b) => a - b)[4] }];
});
document.title = JSON.stringify(Object.fromEntries(found));
