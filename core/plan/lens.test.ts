import { changeSettings } from '../commands/calendar';
import { addCategory, deleteCategory, editCategory } from '../commands/categories';
import { changeCalendar } from '../commands/events';
import { editTask, tickOff } from '../commands/tasks';
import { addEntry } from '../commands/track';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { categoriesOf, withCategoriesOfText } from '../model/categories';
import { workspaceOf, type Workspace } from '../model/workspace';
import { dayPlan } from './dayPlan';
import { hueOfEvent, hueOfSubject, hueOfTask, seen } from './lens';
import { dayList, titleOfThing } from './things';

const inList = (id: string, listId: string, category?: string) =>
  task(id, { listId, estimate: 30, priority: 'high', ...(category ? { category } : {}) });
const start = withCategoriesOfText(
  workspaceOf({
    lists: [
      { id: 'surveys', name: 'Surveys', hue: 'brook', icon: 'waves', rank: 0 },
      { id: 'permits', name: 'Permits', hue: 'clay', icon: 'permit', rank: 1 },
    ],
    tasks: [inList('Count trout', 'surveys', 'Fieldwork'), inList('Letter', 'permits', 'Writing')],
    blocks: [
      { id: 'a', taskId: 'Count trout', start: at('09:00'), minutes: 60 },
      { id: 'b', taskId: 'Letter', start: at('11:00'), minutes: 30 },
    ],
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
    events: [meeting('c/x', '14:00', 60, { title: 'Hearing', uid: 'x', categories: ['Permits'] })],
  }),
);
const nothing = { lists: [], categories: [], done: false };
const shown = (workspace: Workspace) => dayList(workspace, date, zone).things.map(titleOfThing);
const without = (changes: Partial<typeof start.settings.leftOut>, workspace = start) =>
  changeSettings.apply(workspace, { leftOut: { ...nothing, ...changes } });

test('lists, categories and what is done are left out of sight, and the load stays', () => {
  expect(shown(start)).toEqual(['Count trout', 'Letter', 'Hearing']);
  expect(shown(without({ lists: ['permits'] }))).toEqual(['Count trout', 'Hearing']);
  expect(shown(without({ categories: ['Fieldwork', 'Permits'] }))).toEqual(['Letter']);
  const done = tickOff.apply(start, { id: 'Letter', at: at('11:30') });
  expect(shown(without({ done: true }, done))).toEqual(['Count trout', 'Hearing']);
  const filtered = without({ lists: ['surveys', 'permits'] });
  const plan = dayPlan(filtered, date, zone);
  expect(seen(plan, filtered).blocks).toEqual([]);
  expect(seen(plan, filtered).load).toEqual(dayPlan(start, date, zone).load);
});

test('colours change with what is coloured by', () => {
  const now = at('12:00');
  const hue = (colourBy: Workspace['settings']['colourBy'], workspace = start) => {
    const coloured = changeSettings.apply(workspace, { colourBy });
    return hueOfTask(coloured.tasks.get('Letter'), coloured, zone, now);
  };
  expect(categoriesOf(start).map(({ name }) => name)).toEqual(['Fieldwork', 'Permits', 'Writing']);
  expect([hue('list'), hue('priority'), hue('category'), hue('state')]).toEqual([
    'clay',
    'clay',
    'iris',
    'brook',
  ]);
  const subject = { kind: 'task', taskId: 'Letter' } as const;
  const begun = addEntry.apply(start, { id: 'e', subject, from: at('11:00'), to: at('11:10') });
  expect(hue('state', begun)).toBe('iris');
  expect(hue('state', tickOff.apply(begun, { id: 'Letter', at: now }))).toBe('fern');
  const [event] = dayPlan(start, date, zone).meetings;
  expect(event && hueOfEvent(event, start)).toBe('fern');
});

test('an event goes into another calendar with what belongs to it', () => {
  const two = {
    ...start,
    calendars: start.calendars.with([{ id: 'd', name: 'Board', source: '', hue: 'iris', kept: [] }]),
    tasks: start.tasks.with([
      { ...inList('Papers', 'permits'), neededBy: { eventId: 'c/x', recurrence: `${date}T14:00:00` } },
    ]),
  };
  const moved = changeCalendar.apply(two, { id: 'c/x', calendarId: 'd' });
  expect(moved.events.values().map(({ id, calendarId }) => `${id} ${calendarId}`)).toEqual(['d/x d']);
  expect(moved.tasks.get('Papers')?.neededBy?.eventId).toBe('d/x');
});

describe('categories', () => {
  const byCategory = changeSettings.apply(start, { colourBy: 'category' });
  const hueOf = (workspace: Workspace) =>
    hueOfTask(workspace.tasks.get('Letter'), workspace, zone, at('12:00'));
  const names = (workspace: Workspace) => categoriesOf(workspace).map(({ name }) => name);

  test('a new name changes no other’s hue, and is made where it is first typed', () => {
    const typed = editTask.apply(byCategory, { id: 'Count trout', categoryName: 'Accounts ' });
    expect(names(typed)).toEqual(['Fieldwork', 'Permits', 'Writing', 'Accounts']);
    expect(typed.tasks.get('Count trout')?.category).toBe('Accounts');
    expect(hueOf(typed)).toBe(hueOf(byCategory));
    expect(names(addCategory.apply(typed, { name: 'writing' }))).toEqual(names(typed));
    const none = editTask.apply(typed, { id: 'Count trout', categoryName: '' });
    expect(none.tasks.get('Count trout')?.category).toBeUndefined();
  });

  test('one that is renamed keeps its tasks and events; its old name is free for another', () => {
    const renamed = editCategory.apply(start, { id: 'Permits', name: 'Consents' });
    expect(renamed.events.get('c/x')?.categories).toEqual(['Consents']);
    const again = addCategory.apply(renamed, { name: 'Permits' });
    expect(again.categories.get('Permits')?.name).toBe('Consents');
    expect(names(again)).toEqual(['Fieldwork', 'Consents', 'Writing', 'Permits']);
    expect(() => editCategory.apply(again, { id: 'Permits', name: 'Writing' })).toThrow('already');
  });

  test('one that is deleted leaves no trace on tasks or in what the plan leaves out', () => {
    const gone = deleteCategory.apply(without({ categories: ['Writing', 'Permits'] }), { id: 'Writing' });
    expect('category' in (gone.tasks.get('Letter') ?? {})).toBe(false);
    expect(gone.settings.leftOut.categories).toEqual(['Permits']);
  });

  test('the ledger is coloured by the same as the plan', () => {
    const subject = { kind: 'event', occurrence: `c/x@${date}T14:00:00`, title: 'Hearing' } as const;
    expect(hueOfSubject(subject, byCategory, zone, 0)).toBe('brook');
    expect(hueOfSubject(subject, start, zone, 0)).toBe('fern');
    expect(hueOfSubject({ kind: 'task', taskId: 'Letter' }, byCategory, zone, 0)).toBe(hueOf(byCategory));
  });
});
