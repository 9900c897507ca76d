import { meeting, task } from '../fixtures/make';
import { workspaceOf } from '../model/workspace';
import { culpritOf } from './culprit';

const office = workspaceOf({
  tasks: Array.from({ length: 37 }, (_, i) => task(`task ${i}`)),
  events: [meeting('call', '09:00', 30), meeting('visit', '11:00', 30)],
});

test('the one record that makes something fail is found; several, or none, are not', () => {
  const fails = (bad: readonly string[]) => (workspace: typeof office) =>
    [...workspace.tasks.values(), ...workspace.events.values()].some(({ id }) => bad.includes(id));
  for (const id of ['task 0', 'task 17', 'task 36', 'call', 'visit'])
    expect(culpritOf(office, fails([id]))?.record.id).toBe(id);
  expect(culpritOf(office, fails([]))).toBeUndefined();
  expect(culpritOf(office, fails(['task 3', 'visit']))).toBeUndefined();
});
