import { at, date, task } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { boxIntoTask, writeNote } from './days';

const { rank: _, ...lab } = task('call the lab');
const begun = writeNote.apply(workspaceOf({}), { date, note: '- [ ] call the lab\n- [ ] order waders' });
const tied = boxIntoTask.apply(begun, { date, trayId: 'tray', task: lab });

const write = (workspace: Workspace, note: string) =>
  writeNote.apply(workspace, { date, note, when: { at: at('11:00') } });
const doneAt = (workspace: Workspace) => workspace.tasks.get('call the lab')?.doneAt;

test('a box that is ticked in the note ticks its task off, and opens it again', () => {
  const done = write(tied, '- [x] call the lab\n- [x] order waders');
  expect(doneAt(done)).toBe(at('11:00'));
  expect(doneAt(write(done, '- [ ] call the lab'))).toBeNull();
});

test('a box stays its task’s when it is reworded or moved, and ticked at once', () => {
  const reworded = write(tied, '- [ ] order waders\n- [ ] call the lab about reach 4');
  expect(doneAt(reworded)).toBeNull();
  expect(doneAt(write(reworded, '- [x] call the lab about reach 4'))).toBe(at('11:00'));
  expect(doneAt(write(tied, '- [x] Call the labs'))).toBe(at('11:00'));
});

test('a box that goes, or is another’s, is not taken for what became of it', () => {
  for (const note of ['', '- [x] order waders', '- [x] sign the lease\n- [x] order waders'])
    expect(doneAt(write(tied, note))).toBeNull();
  const back = write(write(tied, 'nothing'), '- [x] call the lab');
  expect(doneAt(back)).toBe(at('11:00'));
});
