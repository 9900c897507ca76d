import * as fc from 'fast-check';
import { planRoom, type Asked } from './planRoom';

const week = { ruler: 56, days: 7, tasks: 'ifRoom', details: 'away' } as const;

test('the tasks to place give way to open details, then days do, and come back with the room', () => {
  expect(planRoom({ ...week, width: 1280 })).toMatchObject({ tasks: 300, details: 0, days: 7 });
  expect(planRoom({ ...week, width: 1280, details: 'open' })).toMatchObject({ tasks: 250, days: 7 });
  expect(planRoom({ ...week, width: 1152, details: 'open' })).toMatchObject({ folded: true, days: 7 });
  expect(planRoom({ ...week, width: 1024, details: 'open' })).toMatchObject({ folded: true, days: 6 });
  expect(planRoom({ ...week, width: 1152, details: 'open', tasks: 'always' })).toMatchObject({
    folded: false,
    days: 5,
  });
  // an empty pane is worth less than the tasks
  expect(planRoom({ ...week, days: 1, width: 1024, details: 'ifRoom' })).toMatchObject({
    details: 0,
    tasks: 300,
  });
});

test('at any width all of it is shared, and days are never narrower than can be read', () => {
  const asked: fc.Arbitrary<Asked> = fc.record({
    width: fc.integer({ min: 1024, max: 4000 }),
    ruler: fc.constantFrom(56, 102),
    days: fc.integer({ min: 1, max: 7 }),
    tasks: fc.constantFrom('away', 'ifRoom', 'always'),
    details: fc.constantFrom('away', 'ifRoom', 'open'),
  });
  fc.assert(
    fc.property(asked, (wanted) => {
      const { tasks, folded, details, board, days } = planRoom(wanted);
      expect(84 + tasks + (folded ? 44 : 0) + details + board).toBe(wanted.width);
      expect((board - wanted.ruler) / days).toBeGreaterThanOrEqual(90);
      expect(details > 0 || wanted.details !== 'open').toBe(true);
      expect(tasks > 0 || wanted.tasks !== 'always').toBe(true);
    }),
  );
});
