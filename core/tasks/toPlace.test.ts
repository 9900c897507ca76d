import { placeTask, putInTray } from '../commands/plan';
import { addTask, tickOff } from '../commands/tasks';
import { startTimer } from '../commands/track';
import { emptyWorkspace, firstList, type Workspace } from '../model/workspace';
import { at, date as today, zone } from '../fixtures/make';
import { newTask } from './newTask';
import { toPlace } from './toPlace';

const now = at('11:20');
const waders = newTask({
  id: 'waders',
  title: 'Order waders',
  listId: firstList.id,
  estimate: 20,
  createdAt: 0,
});
const office = addTask.apply(emptyWorkspace, waders);
const waiting = (workspace: Workspace, when = now) =>
  toPlace(workspace, today, zone, when).map(({ id }) => id);
const block = (start: number) => placeTask.apply(office, { id: 'b', taskId: 'waders', start, minutes: 20 });
const tray = (date: string) => putInTray.apply(office, { id: 't', taskId: 'waders', date });

test('an open task without a place waits for one, what is due first on top', () => {
  const due = addTask.apply(office, { ...waders, id: 'permit', due: { date: today, time: '14:00' } });
  expect(waiting(due)).toEqual(['permit', 'waders']);
});

test('a block ahead or a tray from today on is a place; a missed block or a past tray is none', () => {
  expect([waiting(block(at('12:00'))), waiting(block(at('09:00')))]).toEqual([[], ['waders']]);
  expect([waiting(tray(today)), waiting(tray('2026-11-25')), waiting(tray('2026-11-23'))]).toEqual([
    [],
    [],
    ['waders'],
  ]);
});

test('what is done or being worked on waits for nothing', () => {
  expect(waiting(tickOff.apply(office, { id: 'waders', at: now }))).toEqual([]);
  expect(
    waiting(startTimer.apply(office, { id: 'e', subject: { kind: 'task', taskId: 'waders' }, at: now })),
  ).toEqual([]);
});
