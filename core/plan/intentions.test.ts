import { changeSettings } from '../commands/calendar';
import { addIntention, editIntention, intentionToTask } from '../commands/intentions';
import { emptyWorkspace, firstList, type Workspace } from '../model/workspace';
import { newTask } from '../tasks/newTask';
import { trayOn } from '../tasks/places';
import { intentionsOfDay, intentionsOfWeek } from './intentions';

const note = (workspace: Workspace, text: string, span: 'day' | 'week', date: string) =>
  addIntention.apply(workspace, { id: text, text, span, date, doneAt: null });
const noted = [
  ['Finish the report', 'week', '2026-11-23'],
  ['Be outside', 'day', '2026-11-25'],
  ['Rest', 'week', '2026-11-29'],
].reduce(
  (before, [text = '', span, date = '']) => note(before, text, span === 'day' ? 'day' : 'week', date),
  emptyWorkspace,
);
const task = newTask({ id: 't', title: '', listId: firstList.id, createdAt: 0 });
const texts = (all: { text: string }[]) => all.map(({ text }) => text);

test('a week keeps its intentions whichever day they were noted on, as the week begins for the person', () => {
  expect(texts(intentionsOfWeek(noted, '2026-11-26'))).toEqual(['Finish the report', 'Rest']);
  expect(texts(intentionsOfDay(noted, '2026-11-25'))).toEqual(['Be outside']);
  const sundays = changeSettings.apply(noted, { weekStart: 7 });
  expect(texts(intentionsOfWeek(sundays, '2026-11-26'))).toEqual(['Finish the report']);
  expect(
    intentionsOfWeek(editIntention.apply(noted, { id: 'Rest', doneAt: 5 }), '2026-11-26')[1]?.doneAt,
  ).toBe(5);
});

test('one of a day becomes a task in its tray, one of a week a task that needs a place', () => {
  const day = intentionToTask.apply(noted, { id: 'Be outside', trayId: 'i', task });
  expect(trayOn(day, '2026-11-25', 'UTC').map(({ taskId }) => taskId)).toEqual(['t']);
  const week = intentionToTask.apply(noted, { id: 'Rest', trayId: 'i', task });
  expect([week.tasks.get('t')?.title, week.tray.size, week.intentions.size]).toEqual(['Rest', 0, 2]);
});
