import * as fc from 'fast-check';
import { FrameZone } from '../model/frame';
import { guidedZones, guideSteps, plainAnswers, upAt } from './guide';
import { minutesOfWeek, shapeOf } from './shape';
import { timesWords } from './words';

const told = (answers = plainAnswers) =>
  guidedZones(answers).map((zone) => `${zone.name}: ${timesWords(zone, 1, 24)}`);

test('what is said in the guided start becomes the zones of a week', () => {
  expect(told()).toEqual([
    'Sleep: Mon – Thu, Sun, 23:00 – 07:00, 8 h each',
    'Sleep: Fri, Sat, 23:00 – 08:30, 9 h 30 each',
    'Work: Mon – Fri, 09:00 – 17:00, 8 h each',
    'Travel: Mon – Fri, 08:30 – 09:00, 30 min each',
    'Travel: Mon – Fri, 17:00 – 17:30, 30 min each',
    'Breakfast: Mon – Fri, 07:15 – 07:45, 30 min each',
    'Breakfast: Sat, Sun, 08:45 – 09:15, 30 min each',
    'Lunch: every day, 12:30 – 13:15, 45 min each',
    'Dinner: every day, 18:30 – 19:30, 1 h each',
    'Own time: Sat, Sun, 10:00 – 18:00, 8 h each',
  ]);
});

test('who gets up later has breakfast later, and sleeps at least as long on days off', () => {
  const zones = told({ ...plainAnswers, bed: 90, ...upAt(plainAnswers, 9 * 60 + 30) });
  expect(zones[0]).toBe('Sleep: every day, 01:30 – 09:30, 8 h each');
  expect(zones).toContainEqual(expect.stringMatching(/^Breakfast: every day, 09:45/));
});

test('who goes to bed after midnight does so on the day after', () => {
  expect(told({ ...plainAnswers, bed: 30 })[1]).toBe('Sleep: Sat, Sun, 00:30 – 08:30, 8 h each');
});

const anyTime = fc.integer({ min: 0, max: 1439 });
const anyAnswers = fc.record({
  taken: fc.record(Object.fromEntries(guideSteps.map((step) => [step, fc.boolean()]))),
  bed: anyTime,
  wake: anyTime,
  work: fc.array(fc.option(fc.record({ from: anyTime, to: anyTime })), { minLength: 7, maxLength: 7 }),
  meals: fc.constant(plainAnswers.meals),
  travel: fc.integer({ min: 0, max: 300 }),
  weekendWake: anyTime,
  own: fc.record({ from: anyTime, to: anyTime }),
});

test('whatever is said makes zones that can be stored, and no week has more than its 168 hours', () => {
  fc.assert(
    fc.property(anyAnswers, (answers) => {
      const zones = guidedZones(answers);
      expect(zones.every((zone) => FrameZone.safeParse(zone).success)).toBe(true);
      expect(minutesOfWeek(shapeOf(zones))).toBeLessThanOrEqual(168 * 60);
    }),
  );
});
