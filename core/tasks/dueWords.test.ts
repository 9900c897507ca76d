import { startTimer } from '../commands/track';
import { addTask, tickOff } from '../commands/tasks';
import { at, date as today, zone } from '../fixtures/make';
import { emptyWorkspace, firstList } from '../model/workspace';
import { drawnWords } from './dueWords';
import { newTask } from './newTask';

const licence = newTask({ id: 'licence', title: 'Renew the licence', listId: firstList.id, createdAt: 0 });
const plain = { ...licence, rank: 0 };
const urgent = { ...plain, priority: 'urgent', due: { date: today, time: '12:00' } } as const;
const office = addTask.apply(emptyWorkspace, urgent);

test('what is drawn of a task is said in words, in the order of what presses most, until it is done', () => {
  expect(drawnWords(plain, office, zone, at('11:00'))).toEqual([]);
  expect(drawnWords(urgent, office, zone, at('11:00'))).toEqual(['urgent priority', 'due today 12:00']);
  expect(drawnWords(urgent, office, zone, at('12:01'))).toEqual([
    'urgent priority',
    'overdue, was due today 12:00',
  ]);
  const subject = { kind: 'task', taskId: urgent.id } as const;
  const runs = startTimer.apply(office, { id: 'entry', subject, at: at('11:00') });
  expect(drawnWords(urgent, runs, zone, at('11:00'))).toContain('running');
  const done = tickOff.apply(office, { id: urgent.id, at: at('11:00') }).tasks.get(urgent.id) ?? plain;
  expect(drawnWords(done, office, zone, at('12:01'))).toEqual([]);
});
