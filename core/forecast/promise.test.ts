import * as fc from 'fast-check';
import { habitsOf, type Habits } from '../estimates/habits';
import { at, date, task, zone } from '../fixtures/make';
import { feasible } from '../feasible/feasible';
import { minutesOf } from '../time/span';
import { firstFrame } from '../model/firstFrame';
import type { Task } from '../model/task';
import { firstList, workspaceOf } from '../model/workspace';
import { atOnce } from '../working';
import { chancesOf } from './chances';
import { promiseOf, type PromiseTold, type Request } from './promise';
import { answerWords, brokenWords, dueAtWords, earliestWords, takesWords, wantedWords } from './promiseWords';

const now = at('09:00');
/** One whose work takes so many times its estimate, a tenth more or less. */
const takes = (times: number): Habits =>
  habitsOf(
    Array.from({ length: 60 }, (_, i) => ({
      ...{ id: `${i}`, title: `T${i}`, kind: `list ${firstList.id}`, listId: firstList.id, categoryId: null },
      ...{ estimate: 60, actual: times * (54 + (i % 13)), at: now, hour: 9, open: false },
    })),
    now,
  );
/** Six hours a day, from Monday to Friday; it is Tuesday. */
const office = (tasks: Task[] = []) => workspaceOf({ frames: [firstFrame()], tasks });
const usual: Request = { title: 'Map', minutes: 60, by: null, category: null, sittings: null };
const asked = (request: Partial<Request>, tasks: Task[] = [], habits = takes(1)): PromiseTold =>
  atOnce(promiseOf(office(tasks), { request: { ...usual, ...request }, habits, zone, now, seed: 1 }));
const words = { workspace: office(), zone, now };

test('what fits is promised for the first day that has the room, as such work really takes', () => {
  const told = asked({});
  expect(told.earliest).toEqual({ date, chance: 100 });
  expect(earliestWords(told, words)).toBe(
    'You can promise it for the end of today: it is done by then in 100 of 100 cases, and nothing else comes later for it.',
  );
  expect(Math.round(told.middle / 6)).toBeCloseTo(10, -1);
  // three days of work by the estimate, six by the record
  const [asSaid, asDone] = [takes(1), takes(2)].map((habits) => asked({ minutes: 900 }, [], habits));
  expect(asSaid?.earliest && asDone?.earliest && asSaid.earliest.date < asDone.earliest.date).toBe(true);
  expect(asDone && takesWords(asDone)).toMatch(/^Such work takes (29|30|31) h/);
});

test('what others have been promised is not broken: it is named, and a later day is told', () => {
  const papers = task('Papers', { estimate: 360, due: { date, time: '18:00' } });
  const by = at('18:00');
  const told = asked({ minutes: 240, by }, [papers]);
  expect(told.earliest?.date).not.toBe(date);
  expect(told.wanted?.chance).toBeLessThan(20);
  expect(told.wanted && brokenWords(told.wanted.breaks[0]!, words)).toMatch(
    /^Papers, Map, today 18:00: .* short$/,
  );
  expect(wantedWords(told, { ...usual, by }, words)).toMatch(
    /^By today 18:00 it is done in \d+ of 100 cases\.$/,
  );
  expect(answerWords(told, { ...usual, by }, words)).toContain(
    'not earlier, without letting something else slip',
  );
});

test('what is due on a day without an hour is told by that day, not by the midnight after it', () => {
  const papers = task('Papers', { estimate: 360, due: { date, time: null } });
  const by = at('00:00', '2026-11-25');
  const told = asked({ minutes: 240, by }, [papers]);
  expect(told.wanted?.breaks.map((broken) => brokenWords(broken, words))).toEqual([
    expect.stringMatching(/^Papers, Map, today: .* short$/),
  ]);
  expect(wantedWords(told, { ...usual, by }, words)).toMatch(/^By the end of today it is done in/);
  const [chance] = atOnce(chancesOf(office([papers]), { habits: takes(1), zone, now, seed: 1 }));
  expect(chance && dueAtWords(chance, words)).toBe('Papers, today');
});

test('in one go it needs a stretch as long; what never fits is said', () => {
  const told = asked({ minutes: 240 });
  expect(asked({ minutes: 240, sittings: 1 }).earliest?.date).toBe(told.earliest?.date);
  expect(asked({ minutes: 1200, sittings: 1 }).earliest).toBeNull();
  expect(answerWords(asked({ minutes: 1200, sittings: 1 }), usual, words)).toContain('cannot take “Map” on');
});

test('each deadline is as sure as work of its kind is: what takes as long as there is time, in half of the cases', () => {
  const due = (id: string, estimate: number, day: string) =>
    task(id, { estimate, due: { date: day, time: '18:00' } });
  const chances = (tasks: Task[], habits = takes(1)) =>
    atOnce(chancesOf(office(tasks), { habits, zone, now, seed: 1 })).map(({ titles, chance }) => [
      ...titles,
      chance,
    ]);
  const room = feasible(office([due('Map', 60, date)]), zone, now).days[0]!;
  const all = minutesOf(room.free);
  expect(chances([due('Map', all / 3, date), due('Log', 60, '2026-11-25')])).toEqual([
    ['Map', 100],
    ['Log', 100],
  ]);
  const [[, even] = []] = chances([due('Map', all, date)]);
  expect(Math.abs(Number(even) - 50)).toBeLessThan(25);
  expect(chances([due('Map', all * 2, date)])).toEqual([['Map', 0]]);
  expect(chances([due('Map', all * 0.7, date)], takes(2))).toEqual([['Map', 0]]);
});

test('more work is never promised for an earlier day, and a later day is never less sure', () => {
  const some = fc.array(fc.tuple(fc.integer({ min: 15, max: 400 }), fc.integer({ min: 0, max: 9 })), {
    maxLength: 5,
  });
  fc.assert(
    fc.property(
      some,
      fc.integer({ min: 15, max: 900 }),
      fc.integer({ min: 0, max: 600 }),
      (given, minutes, more) => {
        const tasks = given.map(([estimate, days], i) =>
          task(`${i}`, { estimate, due: { date: `2026-11-${24 + Math.min(6, days)}`, time: null } }),
        );
        const dateOf = (of: number) => asked({ minutes: of }, tasks).earliest?.date ?? '9999';
        expect(dateOf(minutes + more) >= dateOf(minutes)).toBe(true);
        const chanceBy = (by: number) => asked({ minutes, by }, tasks).wanted?.chance ?? 0;
        expect(chanceBy(at('18:00', '2026-11-27'))).toBeGreaterThanOrEqual(chanceBy(at('18:00')));
      },
    ),
    { numRuns: 8 },
  );
});
