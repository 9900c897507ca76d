import { at, meeting, task, zone } from '../fixtures/make';
import type { TimeEntry } from '../model/plan';
import { workspaceOf, type Contents } from '../model/workspace';
import { clockWords } from '../time/words';
import { turnsOf, turnWords } from './turns';

const onMap: TimeEntry = {
  id: 'e',
  subject: { kind: 'task', taskId: 'map' },
  from: at('10:00'),
  to: null,
};

/** What is offered of a timer that runs on the map of an hour, planned from ten to half past eleven, at an hour. */
function offered(now: number, contents: Contents = {}, entry = onMap) {
  const workspace = workspaceOf({
    tasks: [task('map'), ...(contents.tasks ?? [])],
    blocks: [{ id: 'b', taskId: 'map', start: at('10:00'), minutes: 90 }, ...(contents.blocks ?? [])],
    events: contents.events ?? [],
    entries: [entry, ...(contents.entries ?? [])],
  });
  return turnsOf(workspace, entry, zone, now).map(
    (turn) => `${clockWords(turn.at, zone, 24)} ${turnWords(turn)}`,
  );
}

test('of a timer left running over night the hours at which something changed are offered, in order', () => {
  const tasks = [task('rods', { doneAt: at('13:10') })];
  const events = [meeting('Forum', '12:00', 60), meeting('Call', '2026-11-25T09:00:00', 30)];
  expect(offered(at('08:00', '2026-11-25'), { tasks, events })).toEqual([
    '11:00 its 1 h were through',
    '11:30 its block ended',
    '12:00 Forum began',
    '13:00 Forum ended',
    '13:10 rods was ticked off',
  ]);
});

test('nothing is offered that lies before the start, after the end, or more than a day away', () => {
  const events = [meeting('Forum', '09:30', 60), meeting('Late', '2026-11-25T10:30:00', 60)];
  expect(offered(at('10:45'), { events })).toEqual(['10:30 Forum ended']);
  expect(offered(at('20:00', '2026-11-27'), { events })).toEqual([
    '10:30 Forum ended',
    '11:00 its 1 h were through',
    '11:30 its block ended',
  ]);
  const stopped = { ...onMap, to: at('11:10') };
  expect(offered(at('15:00'), {}, stopped)).toEqual(['11:00 its 1 h were through']);
});

test('what was spent before counts, and of two changes at one instant one is offered', () => {
  const before: TimeEntry = { ...onMap, id: 'f', from: at('08:00'), to: at('08:40') };
  const blocks = [{ id: 'c', taskId: 'rods', start: at('11:30'), minutes: 30 }];
  const tasks = [task('rods')];
  expect(offered(at('12:00'), { entries: [before], blocks, tasks })).toEqual([
    '10:20 its 1 h were through',
    '11:30 its block ended',
  ]);
});
