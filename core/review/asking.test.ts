import { at, meeting, task, zone } from '../fixtures/make';
import type { Subject } from '../model/plan';
import { workspaceOf, type Workspace } from '../model/workspace';
import { subjectOfMeeting } from '../track/spent';
import { asksNow } from './asking';

const forum = meeting('forum', '11:30', 30);
const onMeeting = subjectOfMeeting({ id: 'forum@2026-11-24T11:30:00', title: 'forum' });

const running = (since: string, subject: Subject = { kind: 'task', taskId: 'map' }): Workspace =>
  workspaceOf({
    tasks: [task('map', { estimate: 45 })],
    events: [forum],
    entries: [{ id: 'e', subject, from: at(since), to: null }],
  });

const asked = (workspace: Workspace, time: string) => {
  const [found] = asksNow(workspace, zone, at(time));
  if (!found || found.kind === 'begun' || found.kind === 'through') return found?.kind;
  return `${found.kind} by ${found.by}`;
};

test('work that has taken its estimate is asked about, by how much it is over', () => {
  expect(asked(running('10:00'), '10:44')).toBeUndefined();
  expect(asked(running('10:00'), '10:45')).toBe('over by 0');
  expect(asked(running('10:00'), '11:29')).toBe('over by 44');
});

test('a meeting that has just begun comes before that, if the timer was started before it', () => {
  expect(asked(running('10:00'), '11:30')).toBe('begun');
  expect(asked(running('10:00'), '11:45')).toBe('over by 60');
  expect(asked(running('11:31'), '11:40')).toBeUndefined();
});

test('a meeting that the timer has run through is asked about once it is over, before all else but the next', () => {
  expect(asked(running('10:00'), '11:59')).toBe('over by 74');
  expect(asked(running('10:00'), '12:00')).toBe('through');
  expect(asked(running('11:31'), '12:00')).toBeUndefined();
  const two = running('10:00');
  const more = { ...two, events: two.events.with([meeting('call', '10:30', 15)]) };
  const titles = asksNow(more, zone, at('12:10')).map((one) =>
    one.kind === 'through' ? one.meeting.id : one.kind,
  );
  expect(titles).toEqual(['call@2026-11-24T10:30:00', 'forum@2026-11-24T11:30:00', 'over']);
});

test('over night what the timer ran through on the day before is asked about, too', () => {
  const morning = at('08:00', '2026-11-25');
  const kinds = (workspace: Workspace) => asksNow(workspace, zone, morning).map(({ kind }) => kind);
  expect(kinds(running('10:00'))).toEqual(['through', 'over']);
  expect(kinds(running('12:30'))).toEqual(['over']);
  expect(kinds(running('11:25', onMeeting))).toEqual(['ended']);
});

test('of a meeting that the timer runs on, only its end is asked about', () => {
  expect(asked(running('11:25', onMeeting), '11:35')).toBeUndefined();
  expect(asked(running('11:25', onMeeting), '12:07')).toBe('ended by 7');
});

test('what was answered goes by another name than what comes after', () => {
  const [before] = asksNow(running('10:00'), zone, at('10:50'));
  const longer = running('10:00');
  const more = { ...longer, tasks: longer.tasks.with([task('map', { estimate: 60 })]) };
  expect(asksNow(more, zone, at('10:50'))).toEqual([]);
  expect(asksNow(more, zone, at('11:00'))[0]?.key).not.toBe(before?.key);
});
