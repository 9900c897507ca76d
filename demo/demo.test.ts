import { collectionNames, kindOf } from '@/core/model/records';
import { ledger } from '@/core/review/ledger';
import { runningEntry } from '@/core/track/entries';
import { dayOf, instantOf } from '@/core/time/zone';
import { demoWorkspace } from './generate';
import { longHistory } from './tenYears';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const demo = demoWorkspace({ seed: 7, now, zone });

test('the same seed and instant give the same office, another seed another', () => {
  expect(demoWorkspace({ seed: 7, now, zone })).toEqual(demo);
  expect(demoWorkspace({ seed: 8, now, zone }).entries).not.toEqual(demo.entries);
});

test('every record is valid, and about 30 tasks lie in 4 lists', () => {
  for (const name of collectionNames) {
    for (const record of demo[name].values())
      expect(kindOf(name).schema.safeParse(record).success).toBe(true);
  }
  expect(demo.lists.size).toBe(4);
  expect(demo.tasks.size).toBeGreaterThanOrEqual(28);
});

test('past days have drift, and something runs on a working morning', () => {
  const { sums } = ledger(demo, dayOf('2026-11-23', zone), zone, now);
  expect(sums.planned).toBeGreaterThan(120);
  expect(sums.actual).toBeGreaterThan(120);
  expect(sums.over + sums.under + sums.unplanned).toBeGreaterThan(0);
  expect(runningEntry(demo.entries)).toBeDefined();
  expect(demo.entries.values().every(({ to, from }) => from <= now && (to === null || to <= now))).toBe(true);
});

test('a long history has its measured size and valid records, and its last day is the same however long it is', () => {
  const [year, month] = [365, 30].map((days) => longHistory({ seed: 7, now, zone, days }));
  if (!year || !month) throw new Error('both are made above');
  expect(
    [year.tasks, year.entries, year.blocks, year.events, year.calendars].map(({ size }) => size),
  ).toEqual([2000, 6000, 1500, 300, 4]);
  for (const name of collectionNames) {
    for (const record of month[name].values())
      expect(kindOf(name).schema.safeParse(record).success).toBe(true);
  }
  const lastDay = ({ entries }: typeof year) => entries.values().filter(({ id }) => id.startsWith('e0-'));
  expect(lastDay(year)).toEqual(lastDay(month));
});
