import { addCaptured } from '../commands/capture';
import { at, date, goal, zone } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { addDays } from '../time/zone';
import { readLine } from './quickLine';
import { quickTaskOf } from './quickTask';

const now = at('12:00');

test.each([
  ['Summary 1h for Grant report handed in', 'Summary'],
  ['Summary 1h for goal grant', 'Summary'],
  ['Summary for the goal Grant report tomorrow', 'Summary'],
  ['Cake for Grant', 'Cake for Grant'],
  ['Letter for goal w', 'Letter for goal w'],
])('“%s” in the quick line', (line, title) => {
  const office = workspaceOf({
    categories: [{ id: 'Writing', name: 'Writing', hue: 'iris', rank: 0 }],
    goals: [
      goal('report', { title: 'Grant report handed in', category: 'Writing' }),
      goal('weir', { title: 'Weir' }),
      goal('walks', { title: 'Walks', times: [{ date: addDays(date, 7), minutes: null }] }),
      goal('gone', { title: 'Letters', times: [{ date: addDays(date, -7), minutes: null }] }),
    ],
  });
  const read = readLine(line, { workspace: office, meetings: [], now, zone });
  const quick = quickTaskOf(read, office, { id: 'new', createdAt: now, zone });
  expect(quick.task.title).toBe(title);
  const made = addCaptured.apply(office, { all: [{ ...quick, placeId: 'place', repeatId: 'repeat' }] });
  expect(made.goals.get('report')?.tasks).toEqual(title === 'Summary' ? ['new'] : []);
  if (title === 'Summary') expect(made.tasks.get('new')).toMatchObject({ category: 'Writing' });
});
