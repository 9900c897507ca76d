import { meeting, task } from '../fixtures/make';
import { firstFrame } from '../model/firstFrame';
import { plainZone } from '../model/frame';
import { defaultSettings } from '../model/settings';
import { workspaceOf } from '../model/workspace';
import { mergeCategories } from './categories';

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
});
