import { tickOff } from '../commands/tasks';
import { addIntention } from '../commands/intentions';
import { placeTask } from '../commands/plan';
import { startTimer } from '../commands/track';
import { at, task, zone } from '../fixtures/make';
import { dayPlan } from '../plan/dayPlan';
import { rememberedWhile } from './remember';
import { workspaceOf } from './workspace';

test('a value is worked out once for each state of what it reads, and not again for the very same source', () => {
  let [read, worked] = [0, 0];
  const doubled = rememberedWhile(
    (_: { n: number }, by: number) => `${by}`,
    ({ n }) => {
      read += 1;
      return [n];
    },
    ({ n }, by) => {
      worked += 1;
      return n * by;
    },
  );
  const source = { n: 4 };
  expect([doubled(source, 2), doubled(source, 2), doubled({ n: 4 }, 2), doubled(source, 3)]).toEqual([
    8, 8, 8, 12,
  ]);
  expect([read, worked]).toEqual([3, 2]);
  expect([doubled({ n: 5 }, 2), doubled({ n: 4 }, 2)]).toEqual([10, 8]);
  expect(worked).toBe(3);
});

test('of so many questions and no more the answers are kept, the last ones', () => {
  let worked = 0;
  const doubled = rememberedWhile(
    (_: { n: number }, by: number) => `${by}`,
    () => [],
    ({ n }, by) => {
      worked += 1;
      return n * by;
    },
    2,
  );
  for (const by of [1, 2, 3]) doubled({ n: 4 }, by);
  expect(worked).toBe(3);
  for (const by of [2, 3]) doubled({ n: 4 }, by);
  expect(worked).toBe(3);
  doubled({ n: 4 }, 1);
  expect(worked).toBe(4);
});

test('a tick, a timer, an intention or a block of another month leave the other days’ plans as they are', () => {
  const office = workspaceOf({
    tasks: [task('report'), task('waders', { estimate: 20 })],
    blocks: [{ id: 'b', taskId: 'report', start: at('13:00'), minutes: 60 }],
    tray: [{ id: 't', taskId: 'waders', date: '2026-11-25' }],
  });
  const plans = (workspace: typeof office) =>
    ['2026-11-24', '2026-11-25', '2026-11-26'].map((day) => dayPlan(workspace, day, zone));
  const before = plans(office);
  const subject = { kind: 'task', taskId: 'report' } as const;
  for (const after of [
    tickOff.apply(office, { id: 'report', at: at('14:00') }),
    startTimer.apply(office, { id: 'e', subject, at: at('13:00') }),
    addIntention.apply(office, { id: 'i', text: 'Rest', span: 'day', date: '2026-11-24', doneAt: null }),
    placeTask.apply(office, { id: 'c', taskId: 'report', start: at('13:00', '2026-12-24'), minutes: 60 }),
  ])
    plans(after).forEach((plan, i) => expect(plan).toBe(before[i]));
});
