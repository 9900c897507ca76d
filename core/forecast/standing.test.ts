import { habitsOf } from '../estimates/habits';
import { at, date, task, zone } from '../fixtures/make';
import { setCapacity } from '../commands/frames';
import { firstFrame } from '../model/firstFrame';
import { workspaceOf, type Workspace } from '../model/workspace';
import { atOnce } from '../working';
import { compared, standingOf } from './standing';

const now = at('09:00');
const standing = (workspace: Workspace) =>
  atOnce(standingOf(workspace, { habits: habitsOf([], now), zone, now, seed: 1 }));

test('how things stand is told beside how they would: what fits, what a plan gets done, how sure deadlines are', () => {
  const papers = task('Papers', { estimate: 300, due: { date, time: '18:00' } });
  const map = task('Map', { estimate: 60, due: { date, time: '18:00' } });
  const real = workspaceOf({ frames: [firstFrame()], tasks: [papers, map] });
  const shorter = setCapacity.apply(real, { date, minutes: 120 });
  const [is, would] = [standing(real), standing(shorter)];
  const rows = compared(is, would, { workspace: real, zone, now });
  expect(rows[0]).toMatchObject({ what: 'Does it fit', is: 'all that is due fits', better: false });
  expect(rows[0]?.would).toMatch(/^Until today 18:00: 6 h of work, 2 h free; 4 h short$/);
  expect(rows[1]).toMatchObject({ is: '2 of 2 on time', would: '1 of 2 on time', better: false });
  expect(rows[2]).toMatchObject({ is: 'nothing is planned', better: null });
  expect(rows[3]?.what).toBe('Papers, Map, today 18:00');
  expect(rows[3]?.would).toMatch(/^in time in \d of 100$/);
  expect(rows[3]?.better).toBe(false);
  // the other way round it is better, and nothing is told of what stays the same
  const back = compared(would, is, { workspace: real, zone, now });
  expect(back.map(({ better }) => better)).toEqual([true, true, null, true]);
  expect(compared(is, is, { workspace: real, zone, now }).every(({ better }) => better === null)).toBe(true);
  expect(compared(is, is, { workspace: real, zone, now })).toHaveLength(3);
});
