import { nameEntry, startTimer, stopTimer } from '../commands/track';
import { at, task } from '../fixtures/make';
import type { Subject } from '../model/plan';
import { workspaceOf, type Workspace } from '../model/workspace';
import { runningEntry } from './entries';
import { interrupted, interruptionsIn, isUnnamed, SOMETHING_ELSE } from './interruptions';

const report: Subject = { kind: 'task', taskId: 'report' };
const day = { from: at('00:00'), to: at('23:59') };
const begin = (workspace: Workspace, id: string, subject: Subject, time: string) =>
  startTimer.apply(workspace, { id, subject, at: at(time) });

test('what came in between leads back to what it interrupted, also one within another', () => {
  const working = begin(workspaceOf({ tasks: [task('report')] }), '1', report, '09:00');
  const called = begin(working, '2', SOMETHING_ELSE, '09:20');
  const again = begin(called, '3', { kind: 'other', title: 'Visitor' }, '09:30');
  for (const workspace of [called, again]) {
    const running = runningEntry(workspace.entries);
    expect(running && interrupted(workspace.entries, running)?.subject).toEqual(report);
  }
  const back = begin(again, '4', report, '09:45');
  const running = runningEntry(back.entries);
  expect(running && interrupted(back.entries, running)).toBeUndefined();
  // what begins while nothing runs interrupts nothing
  const alone = begin(stopTimer.apply(back, { at: at('10:00') }), '5', SOMETHING_ELSE, '10:05');
  expect(interruptionsIn(alone.entries, day, at('10:10'))).toEqual({
    count: 2,
    minutes: 25,
    by: [
      { title: 'Something else', count: 1 },
      { title: 'Visitor', count: 1 },
    ],
  });
});

test('it gets its name later, and is counted by it', () => {
  const working = begin(workspaceOf({ tasks: [task('report')] }), '1', report, '09:00');
  const called = begin(working, '2', SOMETHING_ELSE, '09:20');
  expect(isUnnamed(SOMETHING_ELSE)).toBe(true);
  const named = nameEntry.apply(called, { id: '2', title: 'Phone' });
  expect(interruptionsIn(named.entries, day, at('09:30')).by).toEqual([{ title: 'Phone', count: 1 }]);
  expect(() => nameEntry.apply(called, { id: '1', title: 'Phone' })).toThrow('has a name of its own');
});
