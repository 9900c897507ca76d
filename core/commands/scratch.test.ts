import { at, date } from '../fixtures/make';
import { emptyWorkspace } from '../model/workspace';
import { scratchOn } from '../tasks/scratch';
import { deleteScratch, editScratch, noteScratch, scratchIntoTasks } from './scratch';

const note = (id: string, time: string) => ({ id, text: id, notedAt: at(time), date });
const noted = ['Ask Bram', 'New rope'].reduce(
  (workspace, id, i) => noteScratch.apply(workspace, note(id, `0${9 - i}:00`)),
  emptyWorkspace,
);
const idsOn = (workspace: typeof noted, day: string) => scratchOn(workspace, day).map(({ id }) => id);

test('scratch notes wait from their day on, first noted first, and can be put off or thrown away', () => {
  expect(idsOn(noted, date)).toEqual(['New rope', 'Ask Bram']);
  const later = editScratch.apply(noted, { id: 'Ask Bram', date: '2026-11-25' });
  expect(idsOn(later, date)).toEqual(['New rope']);
  expect(idsOn(later, '2026-11-30')).toEqual(['New rope', 'Ask Bram']);
  expect(idsOn(deleteScratch.apply(noted, { ids: ['New rope'] }), date)).toEqual(['Ask Bram']);
});

test('scratch notes become tasks of the inbox, in their order, as old as the notes', () => {
  let next = 0;
  const made = scratchIntoTasks.apply(noted, { ids: idsOn(noted, date), newId: () => `t${(next += 1)}` });
  const tasks = made.tasks.values().sort((a, b) => a.rank - b.rank);
  expect(tasks.map(({ title, inbox, createdAt }) => [title, inbox, createdAt])).toEqual([
    ['New rope', true, at('08:00')],
    ['Ask Bram', true, at('09:00')],
  ]);
  expect(made.scratch.size).toBe(0);
});
