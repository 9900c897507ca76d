import * as fc from 'fast-check';
import { occurrencesOf } from '../calendar/occurrences';
import { noteOn } from '../commands/remarks';
import { at, meeting, task, zone } from '../fixtures/make';
import { workspaceOf, type Workspace } from '../model/workspace';
import { deleteTask, editTask, tickOff } from '../commands/tasks';
import type { AnyRecord } from '../model/records';
import { changesSince } from './documents';
import { makeSearcher } from './searcher';
import { whereIs } from './where';

const office = workspaceOf({
  tasks: [
    task('eels', { title: 'Count the eels at the weir', notes: 'Bring the long tape' }),
    task('permit', {
      title: 'Permit letter',
      steps: [{ id: 's', title: 'Ask the weir owner', doneAt: null, estimate: null }],
    }),
    task('old', { title: 'Weir drawings', doneAt: 1 }),
    task('senes', { title: 'Call Sénès' }),
  ],
  events: [meeting('hearing', '10:00', 60, { title: 'Weir hearing', location: 'Council house' })],
});

function searcherOf(workspace: Workspace) {
  const known = new Map<string, AnyRecord>();
  const searcher = makeSearcher();
  searcher.update(changesSince(known, workspace));
  return {
    find: (typed: string) => searcher.search(typed, 20).map(({ id }) => id),
    follow: (to: Workspace) => searcher.update(changesSince(known, to)),
  };
}

test('titles, notes, steps and places are found by how their words begin, misspelt ones too', () => {
  const { find } = searcherOf(office);
  expect(find('eel')).toEqual(['tasks/eels']);
  expect(find('tape')).toEqual(['tasks/eels']);
  expect(find('council')).toEqual(['events/hearing']);
  // two letters swapped, one missing, the first one wrong, words run together, a word within a word
  for (const typed of ['cuoncil', 'counil', 'kouncil', 'weirhearing', 'uncil'])
    expect([typed, find(typed)[0]]).toEqual([typed, 'events/hearing']);
  expect(find('permti leter')).toEqual(['tasks/permit']);
  expect(find('senes')).toEqual(['tasks/senes']);
  expect(find('weir eels')).toEqual(['tasks/eels']);
  expect([find(''), find('   '), find('xylophone')]).toEqual([[], [], []]);
});

test('a note on a meeting is found, and leads to the meeting', () => {
  const hearing = office.events.get('hearing');
  if (!hearing) throw new Error('it is made above');
  const [first] = occurrencesOf(hearing, { from: at('00:00'), to: at('23:00') }, zone);
  if (!first) throw new Error('it is on that day');
  const noted = noteOn.apply(office, { meeting: first, text: 'the heron fence' });
  const [hit = ''] = searcherOf(noted).find('heron');
  expect(whereIs(noted, hit, { zone, now: at('11:20') })).toMatchObject([
    { kind: 'event', title: 'Weir hearing', event: { recurrence: first.recurrence } },
  ]);
  expect(noteOn.apply(noted, { meeting: first, text: '' }).remarks.size).toBe(0);
});

test('what is open comes before what is done, a title before a step', () => {
  const found = searcherOf(office).find('weir');
  expect(found.indexOf('events/hearing')).toBeLessThan(found.indexOf('tasks/old'));
  expect(found.indexOf('tasks/eels')).toBeLessThan(found.indexOf('tasks/permit'));
});

test('what changes is found anew, what is deleted no more', () => {
  const { find, follow } = searcherOf(office);
  const renamed = editTask.apply(office, { id: 'eels', title: 'Count the otters' });
  follow(renamed);
  expect([find('eels'), find('otter')]).toEqual([[], ['tasks/eels']]);
  follow(deleteTask.apply(tickOff.apply(renamed, { id: 'permit', at: 5 }), { id: 'eels', at: 5 }));
  expect([find('otter'), find('permit')]).toEqual([[], ['tasks/permit']]);
});

test('a task is found by any beginning of any of its words', () => {
  const words = fc.array(fc.stringMatching(/^[a-z]{3,9}$/), { minLength: 1, maxLength: 5 });
  fc.assert(
    fc.property(words, fc.nat(), fc.nat(), (title, which, length) => {
      const word = title[which % title.length] ?? '';
      const typed = word.slice(0, 1 + (length % word.length));
      const { find } = searcherOf(workspaceOf({ tasks: [task('it', { title: title.join(' ') })] }));
      expect(find(typed)).toEqual(['tasks/it']);
    }),
  );
});
