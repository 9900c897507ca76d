import { addTask, editTask } from '@/core/commands/tasks';
import { memory, waders } from './fixtures/memory';
import { repository } from './repository';
import { createWorkspaceStore } from './store';

const opened = async () => {
  const store = createWorkspaceStore({ repository: repository(memory()), now: () => 1000 });
  await store.open();
  store.run(addTask, waders, 'Added Order waders');
  return store;
};
const task = (store: Awaited<ReturnType<typeof opened>>) => store.getState().workspace.tasks.get('a');
const texts = (store: Awaited<ReturnType<typeof opened>>) => store.getState().notices.map(({ text }) => text);

test('a notice undoes the step that it tells of, whatever was done since', async () => {
  const store = await opened();
  store.run(editTask, { id: 'a', title: 'Order boots' }, 'Renamed');
  const renamed = store.getState().notices.at(-1);
  store.run(editTask, { id: 'a', estimate: 45 });
  store.undo(renamed?.step);
  expect(task(store)).toMatchObject({ title: 'Order waders', estimate: 45 });
  store.undo(renamed?.step);
  expect(task(store)).toMatchObject({ title: 'Order waders', estimate: 45 });
  store.redo();
  expect(task(store)).toMatchObject({ title: 'Order boots', estimate: 45 });
});

test('problems and offers wait until they are seen; what went well is old news by then', async () => {
  const store = await opened();
  store.offer({ label: 'Fill 45 min…', press: () => undefined });
  store.say('The file cannot be read.', 'problem');
  store.run(editTask, { id: 'a', title: 'Order boots' }, 'Renamed');
  expect(texts(store)).toEqual(['Added Order waders', 'The file cannot be read.', 'Renamed']);
  store.say('Started Order boots');
  expect(texts(store)).toEqual(['Added Order waders', 'The file cannot be read.', 'Started Order boots']);
  store.hush(store.getState().notices.at(-1)?.id ?? 0);
  expect(texts(store)).toEqual(['Added Order waders', 'The file cannot be read.']);
});

test('why something was refused goes once it is done otherwise, or left', async () => {
  const store = await opened();
  const refuse = () => store.run(editTask, { id: 'gone', title: 'x' });
  expect(refuse()).toBe(false);
  store.say('The file cannot be read.', 'problem');
  expect(texts(store)).toHaveLength(2);
  store.run(editTask, { id: 'a', title: 'Order boots' });
  expect(texts(store)).toEqual(['The file cannot be read.']);
  refuse();
  store.hushRefusals();
  expect(texts(store)).toEqual(['The file cannot be read.']);
});

test('a notice whose step is undone goes', async () => {
  const store = await opened();
  store.offer({ label: 'Fill 45 min…', press: () => undefined });
  store.undo();
  expect(texts(store)).toEqual(['Undone: add task']);
});

test('undo takes away a field that the step had added', async () => {
  const store = await opened();
  store.run(editTask, { id: 'a', categoryName: 'Fieldwork' });
  expect(task(store)?.category).toBe('Fieldwork');
  store.undo();
  expect(task(store)).not.toHaveProperty('category');
  expect(store.getState().workspace.categories.size).toBe(0);
});
