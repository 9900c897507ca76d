import { habitsOf, type Habits } from '../estimates/habits';
import type { Observation } from '../estimates/observations';
import { at, date, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import type { Seal } from '../model/seal';
import { firstFrame } from '../model/firstFrame';
import { firstList, workspaceOf } from '../model/workspace';
import { sealOf } from '../plan/sealing';
import { randomFrom } from '../random';
import { MINUTE } from '../time/span';
import { weekOf } from '../time/week';
import { atOnce } from '../working';
import { calibrationOf } from './calibration';
import type { DayAhead } from './dayAhead';
import { atShare, dayEndsOf, endsOfDay } from './dayEnd';
import { byWords, calibrationWords } from './dayEndWords';
import { disturbancesIn, undisturbed } from './disturbances';
import { groundOfWork, normal } from './lots';

const now = at('09:00');
const kind = `list ${firstList.id}`;
const observation = (i: number, estimate: number, actual: number): Observation => ({
  ...{ id: `${i}`, title: `T${i}`, kind, listId: firstList.id, categoryId: null },
  ...{ estimate, actual, at: now, hour: 9, open: false },
});
/** One whose work takes so many times its estimate, a tenth more or less. */
const takes = (times: number): Habits =>
  habitsOf(
    Array.from({ length: 60 }, (_, i) => observation(i, 60, times * (54 + (i % 13)))),
    now,
  );
const plan = (blocks: readonly { id: string; start: number; minutes: number }[], estimate = 60) =>
  workspaceOf({
    frames: [firstFrame()],
    tasks: [task('Map', { estimate })],
    blocks: blocks.map((block) => ({ ...block, taskId: 'Map' })),
  });
const endOf = (workspace: ReturnType<typeof plan>, habits: Habits) =>
  atOnce(dayEndsOf(workspace, { dates: [date], habits, zone, now, seed: 1 }))[0];

test('a day is done when its work is, as long as that really takes', () => {
  const workspace = plan([{ id: 'b', start: at('10:00'), minutes: 60 }]);
  const [asSaid, twice] = [1, 2].map((times) => endOf(workspace, takes(times)));
  expect(asSaid?.planned).toBe(at('11:00'));
  expect(Math.abs((asSaid?.half ?? 0) - at('11:00')) / MINUTE).toBeLessThan(5);
  expect(Math.abs((twice?.half ?? 0) - at('12:00')) / MINUTE).toBeLessThan(12);
  expect(twice?.moreWork.half).toBeGreaterThan(45);
  expect(twice && twice.likely > twice.half).toBe(true);
  expect(asSaid && byWords(asSaid, { workspace, zone })).toMatch(
    /^by 11:0\d; four of five such days by 11:\d\d$/,
  );
  // of a task that goes on later the sitting lasts as long as planned
  const goesOn = plan([{ id: 'b', start: at('10:00'), minutes: 60 }], 300);
  expect(endOf(goesOn, takes(2))?.likely).toBe(at('11:00'));
  expect(endOf(plan([]), takes(1))).toBeUndefined();
});

test('what runs past its block still has to be done', () => {
  const planned = plan([{ id: 'b', start: at('08:00'), minutes: 60 }], 120);
  const running: TimeEntry = {
    id: 'e',
    subject: { kind: 'task', taskId: 'Map' },
    from: at('08:00'),
    to: null,
  };
  const workspace = { ...planned, entries: planned.entries.with([running]) };
  expect(Math.abs((endOf(workspace, takes(1))?.half ?? 0) - at('10:00')) / MINUTE).toBeLessThan(5);
});

const meeting = (from: string, to: string) => ({ id: from, title: from, from: at(from), to: at(to) });
const sitting = (from: string | null, minutes: number) => ({
  ...{ taskId: 'Map', from: from === null ? null : at(from), minutes },
  ...{ ground: null, before: 0 },
});
const day = (meetings: DayAhead['meetings'], sittings: DayAhead['sittings']): DayAhead => ({
  ...{ date, from: now, meetings, sittings },
});
const middleOf = (one: DayAhead, disturbances = undisturbed) =>
  atShare(atOnce(endsOfDay(one, takes(1), disturbances, 1, 400)).ends, 0.5);

test('work goes around meetings and on after them; what has no hour goes into the gaps, else after it', () => {
  const meetings = [meeting('10:30', '11:00')];
  expect(middleOf(day(meetings, [sitting('10:00', 60)]))).toBe(at('11:30'));
  expect(middleOf(day(meetings, [sitting('10:00', 60), sitting('11:00', 30)]))).toBe(at('12:00'));
  // an hour is free until ten
  expect(middleOf(day(meetings, [sitting('10:00', 60), sitting(null, 45)]))).toBe(at('11:30'));
  expect(middleOf(day(meetings, [sitting('10:00', 60), sitting(null, 75)]))).toBe(at('11:45'));
  // none of it makes a day end before its last meeting
  expect(middleOf(day([meeting('16:00', '17:00')], [sitting('10:00', 60)]))).toBe(at('17:00'));
});

test('meetings that overrun and what comes in between count as they are on record', () => {
  const one = day([meeting('10:30', '11:00')], [sitting('10:00', 60)]);
  expect(middleOf(one, { ...undisturbed, over: [20] })).toBe(at('11:50'));
  expect(middleOf(one, { over: [], perMinute: 1 / 5, lengths: [6] })).toBeGreaterThan(at('12:00'));
  const entry = (id: string, subject: TimeEntry['subject'], from: string, to: string): TimeEntry => ({
    ...{ id, subject, from: at(from), to: at(to) },
  });
  const work = { kind: 'task', taskId: 'Map' } as const;
  const workspace = {
    ...plan([]),
    entries: plan([]).entries.with([
      entry('1', work, '09:00', '10:00'),
      entry('2', { kind: 'other', title: 'Printer jam' }, '10:00', '10:10'),
      entry('3', work, '10:10', '11:10'),
    ]),
  };
  const found = disturbancesIn(workspace, zone, at('12:00'));
  expect(found).toEqual({ over: [], perMinute: 1 / 120, lengths: [10] });
});

/** Somebody whose work takes `times` its estimate in the middle, and spreads by `spread` (of the logarithm). */
function person(random: () => number) {
  const [times, spread] = [0.7 + random(), 0.15 + 0.4 * random()];
  const really = (estimate: number) => Math.max(5, estimate * times * Math.exp(spread * normal(random)));
  const past = Array.from({ length: 80 }, (_, i) => observation(i, 60, really(60)));
  return { really, habits: habitsOf(past, now) };
}

test('of made-up people the hour for four of five holds in four of five, and what is given p comes true in p', () => {
  const random = randomFrom(11);
  const tenths = Array.from({ length: 10 }, () => ({ given: 0, came: 0, days: 0 }));
  let [within, days] = [0, 0];
  for (let one = 0; one < 100; one += 1) {
    const { really, habits } = person(random);
    for (let i = 0; i < 20; i += 1) {
      const estimates = Array.from({ length: 4 }, () => 30 + 15 * Math.floor(5 * random()));
      const work = estimates.map((estimate) => ({
        ...sitting('09:00', estimate),
        ground: groundOfWork(habits, { kind, title: 'New', estimate }),
      }));
      const { ends } = atOnce(endsOfDay(day([], work), habits, undisturbed, one * 20 + i, 250));
      const end = now + MINUTE * estimates.reduce((sum, estimate) => sum + really(estimate), 0);
      days += 1;
      if (end <= atShare(ends, 0.8)) within += 1;
      const asked = atShare(ends, random()) + MINUTE;
      const given = ends.filter((each) => each <= asked).length / ends.length;
      const tenth = tenths[Math.min(9, Math.floor(10 * given))];
      if (!tenth) continue;
      tenth.given += given;
      tenth.came += end <= asked ? 1 : 0;
      tenth.days += 1;
    }
  }
  expect(within / days).toBeGreaterThan(0.75);
  expect(within / days).toBeLessThan(0.85);
  for (const { given, came, days: of } of tenths) expect(Math.abs(given - came) / of).toBeLessThan(0.05);
});

test('the hours are tried on sealed days, and a task that was left open counts as late', () => {
  const monday = weekOf(date, 1);
  const later = at('09:00') + 7 * 24 * 60 * MINUTE;
  const blocks = [{ id: 'b', start: at('10:00'), minutes: 60 }];
  const learned = Array.from({ length: 12 }, (_, i) =>
    task(`L${i}`, { estimate: 60, doneAt: at('10:00') - 9e8 }),
  );
  const timed = (taskId: string, from: number, minutes: number): TimeEntry => ({
    ...{ id: `e ${taskId}`, subject: { kind: 'task', taskId }, from, to: from + minutes * MINUTE },
  });
  const tried = (minutes: number, doneAt: number | null) => {
    const planned = plan(blocks);
    const seal: Seal = sealOf(planned, monday, zone, at('09:00') - 9e7);
    const workspace = {
      ...planned,
      seals: planned.seals.with([seal]),
      tasks: planned.tasks.with([...learned, task('Map', { estimate: 60, doneAt })]),
      entries: planned.entries.with([
        ...learned.map(({ id }, i) => timed(id, at('09:00') - 9e8, 55 + i)),
        timed('Map', at('10:00'), minutes),
      ]),
    };
    return atOnce(calibrationOf(workspace, { zone, now: later, seed: 1 }));
  };
  expect(tried(50, at('10:50'))).toEqual({ days: 1, half: 1, likely: 1 });
  expect(tried(240, at('14:00'))).toEqual({ days: 1, half: 0, likely: 0 });
  expect(tried(50, null)).toEqual({ days: 1, half: 0, likely: 0 });
  expect(calibrationWords({ days: 1, half: 1, likely: 1 })).toContain('on one day of sealed weeks');
});
