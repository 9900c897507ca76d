import { addTemplate, editTemplate } from '../commands/templates';
import { firstFrame } from '../model/firstFrame';
import { plainZone } from '../model/frame';
import { workspaceOf } from '../model/workspace';
import { addCategory, mergeCategories } from '../commands/categories';
import { deleteList, addList } from '../commands/lists';
import { at, zone } from '../fixtures/make';
import { categoryNamed } from '../model/categories';
import { office, withZones } from '../fixtures/zones';
import { readLine } from './quickLine';
import { quickTaskOf } from './quickTask';
import { placedByTemplate } from './templatePlace';

const round = { id: 'round', name: 'Gauge round', minutes: 90, hours: { from: '13:00', to: '16:00' } };
const plain = withZones(office);
const workspace = addTemplate.apply(plain, round);
const made = (line: string, from = workspace, now = at('11:20')) => {
  const read = readLine(line, { workspace: from, meetings: [], now, zone });
  const said = quickTaskOf(read, from, { id: 'new', createdAt: now, zone });
  return placedByTemplate(said, read, from, { now, zone });
};

test('a template is placed by its name: in the first room within its hours, as long as it is', () => {
  expect(made('gauge round')).toMatchObject({
    task: { title: 'gauge round', estimate: 90 },
    goes: { kind: 'hours', start: at('13:00'), minutes: 90 },
  });
  const taken = {
    ...workspace,
    blocks: workspace.blocks.with([{ id: 'b', taskId: 't', start: at('13:00'), minutes: 45 }]),
  };
  expect(made('Gauge round north', taken)).toMatchObject({
    task: { title: 'Gauge round north' },
    goes: { start: at('13:45') },
  });
  expect(made('Gauge round', workspace, at('15:00')).goes).toMatchObject({
    start: at('13:00', '2026-11-25'),
  });
});

test('what the line says goes before the template; without room it goes to the hours that the template tells', () => {
  expect(made('Gauge round Thu 9:30 30m').goes).toEqual({
    kind: 'hours',
    start: at('09:30', '2026-11-26'),
    minutes: 30,
  });
  expect(made('Gauge round Thu').goes).toMatchObject({ start: at('13:00', '2026-11-26') });
  const full = {
    ...workspace,
    blocks: workspace.blocks.with([{ id: 'b', taskId: 't', start: at('09:00'), minutes: 540 }]),
  };
  expect(made('Gauge round today', full).goes).toMatchObject({ start: at('13:00') });
  expect(made('Gauge round every Thursday').comes?.start.wall).toBe('2026-11-26T13:00:00');
  expect(made('The gauge round').goes).toBeNull();
  expect(made('Gauge rounds').goes).toBeNull();
});

test('two templates of a name are refused; what a template points at may go', () => {
  expect(() => addTemplate.apply(workspace, { ...round, id: 'b', name: 'gauge ROUND ' })).toThrow(
    'There is a template Gauge round already.',
  );
  const other = addTemplate.apply(workspace, { ...round, id: 'b', name: 'Press hour' });
  expect(() => editTemplate.apply(other, { id: 'b', name: 'Gauge round' })).toThrow();
  const kinds = ['Fieldwork', 'Rounds'].reduce((now, name) => addCategory.apply(now, { name }), other);
  const [from, into] = ['Fieldwork', 'Rounds'].map((name) => categoryNamed(kinds, name));
  const listed = addList.apply(kinds, { id: 'permits', name: 'Permits', hue: 'reed', icon: 'pen' });
  const both = editTemplate.apply(listed, { id: 'b', category: from?.id ?? '', listId: 'permits' });
  const merged = mergeCategories.apply(both, { id: from?.id ?? '', into: into?.id ?? '' });
  expect(merged.templates.get('b')?.category).toBe(into?.id);
  const bare = deleteList.apply(merged, { id: 'permits', tasksTo: 'first-list' });
  expect(bare.templates.get('b')?.listId).toBeUndefined();
  expect(
    editTemplate.apply(merged, { id: 'b', category: null }).templates.get('b')?.category,
  ).toBeUndefined();
});

test('a template is placed in its zone before elsewhere, and brings its steps and notes', () => {
  const afternoon = { ...plainZone, id: 'z', name: 'Quiet', kind: 'work' as const, days: [1, 2, 3, 4, 5] };
  const frame = { ...firstFrame(), id: 'late' };
  const quiet = workspaceOf({
    frames: [
      {
        ...frame,
        zones: [
          { ...afternoon, from: 9 * 60, minutes: 300 },
          { ...afternoon, id: 'y', name: 'Late', from: 14 * 60, minutes: 180 },
        ],
      },
    ],
    templates: [
      {
        ...round,
        hours: null,
        inZone: 'Late',
        rank: 0,
        notes: 'Boots',
        steps: [{ title: 'Pack', estimate: 5 }],
      },
    ],
  });
  expect(made('Gauge round Thu', quiet)).toMatchObject({
    goes: { start: at('14:00', '2026-11-26') },
    task: { notes: 'Boots', steps: [{ title: 'Pack', estimate: 5, doneAt: null }] },
  });
  // where that zone has no room it goes where there is some
  expect(made('Gauge round Thu 4h', quiet).goes).toMatchObject({ start: at('09:00', '2026-11-26') });
});

test('what the blocks and the tray of a day point at may go, or become one with another', () => {
  const known = ['Fieldwork', 'Rounds'].reduce((now, name) => addCategory.apply(now, { name }), plain);
  const [from = '', into = ''] = ['Fieldwork', 'Rounds'].map((name) => categoryNamed(known, name)?.id);
  const kinds = { listId: 'spare', category: from };
  const day = {
    blocks: [{ title: 'Write', at: '09:00', minutes: 60, ...kinds }],
    tray: [{ title: 'Post', estimate: 20, ...kinds }],
    intentions: [],
    checklist: [],
  };
  const listed = addList.apply(known, { id: 'spare', name: 'Spare', hue: 'fern', icon: 'leaf' });
  const kept = addTemplate.apply(listed, { ...round, day });
  const bare = deleteList.apply(kept, { id: 'spare', tasksTo: 'first-list' });
  const left = mergeCategories.apply(bare, { id: from, into }).templates.get('round')?.day;
  for (const one of [left?.blocks[0], left?.tray[0]]) {
    expect(one?.listId).toBeUndefined();
    expect(one?.category).toBe(into);
  }
});
