import { at, date, goal, task, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { goalsOver } from './goalsOver';
import { ledger } from './ledger';

const now = at('12:00');
const entry = (taskId: string, from: string, to: string, day = date) => ({
  id: `${taskId} ${day} ${from}`,
  subject: { kind: 'task' as const, taskId },
  from: at(from, day),
  to: at(to, day),
});

test('what goals got in some weeks is what the ledger has of their things, each minute for all of them once', () => {
  const office = workspaceOf({
    goals: [
      goal('report', {
        tasks: ['draft'],
        times: [
          { date: '2026-11-17', minutes: 60 },
          { date, minutes: 120 },
        ],
      }),
      goal('talks', { events: ['talk'], tasks: ['draft'], feeds: 'year', rank: 1 }),
      goal('year', { span: 'quarter', times: [{ date, minutes: 900 }], rank: 2 }),
      goal('gone', { times: [{ date: '2026-10-06', minutes: 60 }] }),
    ],
    tasks: [task('draft')],
    entries: [
      entry('draft', '09:00', '09:40', '2026-11-17'),
      entry('draft', '09:00', '10:00'),
      entry('other', '10:00', '11:00'),
    ],
  });
  const range = { from: at('00:00', '2026-11-16'), to: at('00:00', '2026-11-30') };
  const over = goalsOver(office, ledger(office, range, zone, now).rows, '2026-11-16', '2026-11-29');
  expect(over.weeks).toEqual(['2026-11-16', '2026-11-23']);
  expect(over.goals.map(({ id, weeks, meant }) => [id, weeks, meant])).toEqual([
    // only a part of its quarter is looked at
    ['year', [0, 60], null],
    ['report', [40, 60], 180],
    ['talks', [0, 60], 360],
  ]);
  expect([over.done, over.all]).toEqual([100, 160]);
});
