import { meeting, task } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import { plainZone } from '../model/frame';
import { defaultSettings } from '../model/settings';
import { firstList, workspaceOf } from '../model/workspace';
import { deleteCategory, mergeCategories } from './categories';
import { setListCategory } from './lists';
import { addTask } from './tasks';

test('of two categories one is made, with all that refers to either', () => {
  const zone = {
    ...plainZone,
    id: 'z',
    name: 'Desk',
    kind: 'work' as const,
    category: 'Letters',
    days: [1],
    from: 540,
    minutes: 60,
  };
  const before = workspaceOf(
    {
      categories: [
        { id: 'Letters', name: 'Letters', hue: 'iris', rank: 0 },
        { id: 'Writing', name: 'Writing', hue: 'brook', rank: 1 },
      ],
      tasks: [task('a', { category: 'Letters' }), task('b', { category: 'Writing' }), task('c')],
      events: [meeting('e', '09:00', 60, { categories: ['Letters', 'Writing'] })],
      calendars: [{ id: 'c', name: 'c', source: '', hue: 'fern', kept: [] }],
      frames: [
        {
          ...firstFrame(),
          zones: [zone, { ...zone, id: 'y', category: undefined, categories: ['Letters', 'Writing'] }],
        },
      ],
      targets: [{ id: 'Letters', category: 'Letters', least: 60, most: null }],
    },
    { ...defaultSettings, leftOut: { lists: [], categories: ['Letters'], done: false } },
  );
  const after = mergeCategories.apply(before, { id: 'Letters', into: 'Writing' });
  expect(after.categories.values().map(({ name }) => name)).toEqual(['Writing']);
  expect(['a', 'b', 'c'].map((id) => after.tasks.get(id)?.category)).toEqual([
    'Writing',
    'Writing',
    undefined,
  ]);
  expect(after.events.get('e')?.categories).toEqual(['Writing']);
  const zones = after.frames.values().flatMap((frame) => frame.zones);
  expect(zones.map(({ category, categories }) => [category, categories])).toEqual([
    ['Writing', []],
    [undefined, ['Writing']],
  ]);
  expect(after.targets.get('Writing')).toMatchObject({ category: 'Writing', least: 60 });
  expect(after.settings.leftOut.categories).toEqual([]);
  const target = { least: 180, most: null };
  const chosen = mergeCategories.apply(before, { id: 'Letters', into: 'Writing', target });
  expect(chosen.targets.values()).toEqual([{ id: 'Writing', category: 'Writing', ...target }]);
});

test('a new task is of the kind that its list is for, unless it tells one itself; the kind goes with its category', () => {
  const kinds = ['Permits', 'Letters'].map((id, rank) => ({ id, name: id, hue: 'iris' as const, rank }));
  const before = setListCategory.apply(workspaceOf({ categories: kinds }), {
    id: firstList.id,
    category: 'Permits',
  });
  const added = [task('plain'), task('other', { category: 'Letters' })].reduce(addTask.apply, before);
  expect(added.tasks.get('plain')?.category).toBe('Permits');
  expect(added.tasks.get('other')?.category).toBe('Letters');
  const merged = mergeCategories.apply(added, { id: 'Permits', into: 'Letters' });
  expect(merged.lists.get(firstList.id)?.category).toBe('Letters');
  const gone = deleteCategory.apply(merged, { id: 'Letters' });
  expect(gone.lists.get(firstList.id)).toEqual(firstList);
});
