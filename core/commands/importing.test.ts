import { readCalendar } from '../formats/readCalendar';
import { emptyWorkspace, firstList, type Workspace } from '../model/workspace';
import { applyChanges, changesBetween, reversed } from './changes';
import { importCalendars, importCounts } from './importing';
import { editTask, tickOff } from './tasks';

const calendar = { id: 'c', name: 'Office', source: 'office.ics', hue: 'slate' as const, kept: [] };
const file = (...parts: string[]) => ['BEGIN:VCALENDAR', ...parts, 'END:VCALENDAR'].join('\n');
const event = (uid: string, sequence: number, title: string) =>
  `BEGIN:VEVENT\nUID:${uid}\nSEQUENCE:${sequence}\nSUMMARY:${title}\nDTSTART:20261124T090000Z\nDURATION:PT1H\nEND:VEVENT`;
const task = (...lines: string[]) => ['BEGIN:VTODO', 'UID:t', ...lines, 'END:VTODO'].join('\n');
const input = (text: string) => ({
  imports: readCalendar(text, 'UTC').calendars.map((each) => ({ ...each, calendar })),
  listId: firstList.id,
  at: 5000,
});
const bring = (workspace: Workspace, ...parts: string[]) =>
  importCalendars.apply(workspace, input(file(...parts)));

test('the same file again changes nothing; a newer sequence changes the event; an older one does not', () => {
  const first = bring(emptyWorkspace, event('a', 1, 'Crew call'));
  expect(bring(first, event('a', 1, 'Crew call'))).toBe(first);
  const newer = bring(first, event('a', 2, 'Crew call, moved'));
  expect(newer.events.get('c/a')?.title).toBe('Crew call, moved');
  expect(bring(newer, event('a', 1, 'Crew call'))).toBe(newer);
});

test('what a newer file no longer has is removed and counted; a message about one event removes nothing', () => {
  const first = bring(emptyWorkspace, event('a', 0, 'Crew call'), event('b', 0, 'Forum'));
  const next = file(event('a', 1, 'Crew call, later'), event('c', 0, 'Hearing'));
  expect(importCounts(first, input(next))).toEqual({ added: 1, changed: 1, unchanged: 0, removed: 1 });
  const after = importCalendars.apply(first, input(next));
  expect(after.events.values().map(({ uid }) => uid)).toEqual(['a', 'c']);
  expect(applyChanges(after, reversed(changesBetween(first, after)))).toEqual(first);
  expect(bring(first, 'METHOD:REQUEST', event('c', 0, 'Hearing')).events.size).toBe(3);
});

test('tasks come into the list with due date, estimate, priority and state', () => {
  const after = bring(
    emptyWorkspace,
    task('SUMMARY:Permit', 'DUE:20261127T140000Z', 'ESTIMATED-DURATION:PT1H30M', 'PRIORITY:1'),
  );
  expect(after.tasks.values()).toMatchObject([
    {
      id: 'c/t',
      title: 'Permit',
      listId: firstList.id,
      due: { date: '2026-11-27', time: '14:00' },
      estimate: 90,
      priority: 'urgent',
      doneAt: null,
    },
  ]);
});

test('a newer file changes of a task only what it says differently, so that one’s own changes stay', () => {
  const first = bring(emptyWorkspace, task('SUMMARY:Permit', 'PRIORITY:5'));
  const own = tickOff.apply(editTask.apply(first, { id: 'c/t', title: 'Permit for the weir' }), {
    id: 'c/t',
    at: 3000,
  });
  expect(bring(own, task('SUMMARY:Permit', 'PRIORITY:5'))).toBe(own);
  const after = bring(own, task('SUMMARY:Permit', 'PRIORITY:1'));
  expect(after.tasks.get('c/t')).toMatchObject({
    title: 'Permit for the weir',
    priority: 'urgent',
    doneAt: 3000,
  });
  const ticked = bring(first, task('SUMMARY:Permit', 'PRIORITY:5', 'STATUS:COMPLETED'));
  expect(ticked.tasks.get('c/t')?.doneAt).toBe(5000);
});
