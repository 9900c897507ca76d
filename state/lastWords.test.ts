import { addTask, editTask } from '@/core/commands/tasks';
import { memory, waders as task } from './fixtures/memory';
import { lastWords } from './lastWords';
import { repository, type KeyValue } from './repository';
import { createWorkspaceStore } from './store';

describe('a page that is left before anything is written', () => {
  // a Storage as browsers have it: what is kept are its own properties
  const atOnce = Object.create({
    getItem(this: Record<string, string>, name: string) {
      return this[name] ?? null;
    },
    setItem(this: Record<string, string>, name: string, text: string) {
      this[name] = text;
    },
    removeItem(this: Record<string, string>, name: string) {
      delete this[name];
    },
  }) as Storage;
  const left = () => Object.keys(atOnce);
  const leaving = async (storage: KeyValue, me: string) => {
    const store = createWorkspaceStore({
      repository: repository(storage),
      now: () => 1000,
      lastWords: lastWords(() => atOnce, 'unwritten.', me),
    });
    await store.open();
    return store;
  };
  beforeEach(() => left().forEach((name) => atOnce.removeItem(name)));

  test('leaves its last changes to the next page, which stores them', async () => {
    const storage = memory();
    const gone = await leaving(storage, 'one');
    gone.run(addTask, task);
    storage.full = true; // its transaction never comes through
    gone.leave();
    await gone.flush();
    storage.full = false;
    const next = await leaving(storage, 'two');
    expect(next.getState().workspace.tasks.get('a')?.title).toBe('Order waders');
    await next.flush();
    const last = await leaving(storage, 'three');
    expect(last.getState().workspace.tasks.has('a')).toBe(true);
    expect(left()).toEqual([]);
  });

  test('pages that are left one after the other before any has written keep them', async () => {
    const storage = memory();
    const gone = await leaving(storage, 'one');
    gone.run(addTask, task);
    storage.full = true;
    for (const me of ['one', 'two', 'three']) {
      const page = me === 'one' ? gone : await leaving(storage, me);
      page.leave();
      await page.flush();
    }
    storage.full = false;
    const last = await leaving(storage, 'four');
    expect(last.getState().workspace.tasks.get('a')?.title).toBe('Order waders');
  });

  test('what was changed elsewhere since then stays, and what cannot be read is passed over', async () => {
    const storage = memory();
    const first = await leaving(storage, 'one');
    first.run(addTask, task);
    await first.flush();
    first.run(editTask, { id: 'a', title: 'Order boots', estimate: 40 });
    storage.full = true;
    first.leave();
    storage.full = false;
    const other = createWorkspaceStore({ repository: repository(storage), now: () => 2000 });
    await other.open();
    other.run(editTask, { id: 'a', title: 'Order nets' });
    await other.flush();
    const kept = JSON.parse(atOnce.getItem('unwritten.one') ?? '[]') as unknown[]; // as it was just put there
    atOnce.setItem('unwritten.one', JSON.stringify([{ part: 'tasks', id: 'b', after: 7 }, ...kept]));
    atOnce.setItem('unwritten.three', '{');
    const next = await leaving(storage, 'two');
    expect(next.getState().workspace.tasks.values()).toMatchObject([{ title: 'Order nets', estimate: 40 }]);
  });

  test('leaves nothing behind once all is on disk', async () => {
    const store = await leaving(memory(), 'one');
    store.run(addTask, task);
    store.leave();
    expect(left()).toEqual(['unwritten.one']);
    await store.flush();
    expect(left()).toEqual([]);
  });
});
