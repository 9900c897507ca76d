import { changeSettings } from '../commands/calendar';
import { changeCalendar } from '../commands/events';
import { addEntry } from '../commands/track';
import { tickOff } from '../commands/tasks';
import { plainEvent } from '../model/event';
import { workspaceOf, type Workspace } from '../model/workspace';
import { instantOf } from '../time/zone';
import { dayList } from './dayList';
import { dayPlan } from './dayPlan';
import { categoriesOf, hueOfEvent, hueOfTask, seen } from './lens';

const zone = 'Europe/London';
const date = '2026-11-24';
const at = (time: string) => instantOf(`${date}T${time}`, zone);
const task = (id: string, listId: string, category?: string) => ({
  id,
  title: id,
  notes: '',
  listId,
  estimate: 30,
  priority: 'high' as const,
  due: null,
  doneAt: null,
  createdAt: 0,
  rank: 0,
  ...(category ? { category } : {}),
});
const start = workspaceOf({
  lists: [
    { id: 'surveys', name: 'Surveys', hue: 'brook', icon: 'waves', rank: 0 },
    { id: 'permits', name: 'Permits', hue: 'clay', icon: 'permit', rank: 1 },
  ],
  tasks: [task('Count trout', 'surveys', 'Fieldwork'), task('Letter', 'permits', 'Writing')],
  blocks: [
    { id: 'a', taskId: 'Count trout', start: at('09:00'), minutes: 60 },
    { id: 'b', taskId: 'Letter', start: at('11:00'), minutes: 30 },
  ],
  calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  events: [
    {
      ...plainEvent,
      id: 'c/x',
      calendarId: 'c',
      uid: 'x',
      title: 'Hearing',
      categories: ['Permits'],
      start: { wall: `${date}T14:00:00`, zone },
      length: { days: 0, seconds: 3600 },
    },
  ],
});
const nothing = { lists: [], categories: [], done: false };
const shown = (workspace: Workspace) =>
  dayList(workspace, date, zone).lines.map((line) => ('event' in line ? line.event.title : line.task.title));
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
  expect(categoriesOf(start)).toEqual(['Fieldwork', 'Permits', 'Writing']);
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
  const two = workspaceOf({
    ...start,
    calendars: [...start.calendars.values(), { id: 'd', name: 'Board', source: '', hue: 'iris', kept: [] }],
    tasks: [{ ...task('Papers', 'permits'), neededBy: { eventId: 'c/x', recurrence: `${date}T14:00:00` } }],
    lists: start.lists.values(),
    events: start.events.values(),
    blocks: [],
    tray: [],
    entries: [],
    repeats: [],
    intentions: [],
  });
  const moved = changeCalendar.apply(two, { id: 'c/x', calendarId: 'd' });
  expect(moved.events.values().map(({ id, calendarId }) => `${id} ${calendarId}`)).toEqual(['d/x d']);
  expect(moved.tasks.get('Papers')?.neededBy?.eventId).toBe('d/x');
});
