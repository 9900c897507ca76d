import * as fc from 'fast-check';
import { addEntry } from '../commands/track';
import { placeTask } from '../commands/plan';
import { setTarget } from '../commands/targets';
import { deleteCategory } from '../commands/categories';
import { at, date, task, zone } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import { plainZone, type FrameZone } from '../model/frame';
import { workspaceOf, type Workspace } from '../model/workspace';
import { standings } from './targets';

const hours = (from: number, minutes: number) => ({ from: from * 60, minutes: minutes * 60 });
const zoneOf = (name: string, changes: Partial<FrameZone>): FrameZone => ({
  ...plainZone,
  id: name,
  name,
  kind: 'work',
  days: [1, 2, 3, 4, 5],
  from: 0,
  minutes: 60,
  ...changes,
});
const base = workspaceOf({
  frames: [
    {
      ...firstFrame(),
      zones: [
        zoneOf('Writing', { ...hours(9, 2), category: 'Writing' }),
        zoneOf('Permits', { ...hours(11, 2), category: 'Permits' }),
        zoneOf('Open', { ...hours(14, 2), openness: 'open' }),
      ],
    },
  ],
  categories: [
    { id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 },
    { id: 'Permits', name: 'Permits', hue: 'brook', rank: 1 },
  ],
  tasks: [task('Report', { category: 'Writing' }), task('Licence', { category: 'Permits' })],
});
const wanted = (least: number | null, most: number | null = null) =>
  setTarget.apply(base, { category: 'Writing', least, most });
const onDay = (workspace: Workspace, day: string, taskId = 'Report') =>
  placeTask.apply(workspace, { id: `b ${day} ${taskId}`, taskId, start: at('09:00', day), minutes: 60 });
/** Tuesday at seven. */
const now = at('07:00');
const standing = (workspace: Workspace, moment = now) => standings(workspace, date, zone, moment)[0];

test('what is done counts, and what is still ahead; a block that has passed undone does not', () => {
  const planned = ['2026-11-23', '2026-11-25', '2026-11-26'].reduce(
    (before, day) => onDay(before, day),
    wanted(480),
  );
  const entry = {
    id: 'e',
    subject: { kind: 'task', taskId: 'Report' } as const,
    from: at('08:00', '2026-11-23'),
  };
  const worked = addEntry.apply(planned, { ...entry, to: entry.from + 90 * 60_000 });
  // Tuesday to Friday have two hours of writing each, of which two are planned
  expect(standing(worked)).toMatchObject({
    scheduled: 180,
    done: 90,
    expected: 210,
    possible: 360,
    short: 270,
    beyond: 0,
  });
  expect(standing(worked, at('10:00', '2026-11-27'))).toMatchObject({
    expected: 90,
    possible: 60,
    short: 390,
    beyond: 330,
  });
});

test('too much is told where it should have at most so much; other kinds of work do not count', () => {
  const planned = onDay(onDay(wanted(null, 60), '2026-11-25'), '2026-11-26');
  expect(standing(onDay(planned, '2026-11-27', 'Licence'))).toMatchObject({
    scheduled: 120,
    over: 60,
    short: 0,
  });
});

test('a target needs bounds that can be met, and goes with its category', () => {
  expect(() => wanted(120, 60)).toThrow('Writing cannot have more at least than at most.');
  const most = setTarget.apply(wanted(60), { category: 'Writing', most: 120 });
  expect(most.targets.get('Writing')).toMatchObject({ least: 60, most: 120 });
  expect(setTarget.apply(wanted(60), { category: 'Writing', least: null }).targets.size).toBe(0);
  expect(deleteCategory.apply(wanted(60), { id: 'Writing' }).targets.size).toBe(0);
});

test('what is short is never more than what is wanted, and room and shortage agree at any moment', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 3000 }), fc.integer({ min: -48, max: 200 }), (least, later) => {
      const found = standing(wanted(least), now + later * 3_600_000);
      if (!found) throw new Error('there is one target');
      expect(found.short).toBe(Math.max(0, least - found.expected));
      expect(found.beyond).toBe(Math.max(0, found.short - found.possible));
      expect(found.possible).toBeLessThanOrEqual(600);
    }),
  );
});
