import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, withZones, zoneOf } from '../fixtures/zones';
import type { Workspace } from '../model/workspace';
import { timeOf } from '../time/zone';
import { dayProgress, restOfDay, weekProgress } from './progress';

/** A day from nine to five: an hour done, an hour begun at ten, an hour to come, and a meeting at twelve. */
function day(changes: { meetings?: [string, number][]; late?: boolean } = {}): Workspace {
  const workspace = withZones(zoneOf('Office', { ...hours(9, 480), days: [1, 2, 3, 4, 5] }));
  const { tasks, blocks, entries, events } = workspace;
  return {
    ...workspace,
    tasks: tasks.with([task('done', { doneAt: at('09:50') }), task('begun'), task('later'), task('friday')]),
    blocks: blocks.with([
      { id: 'b1', taskId: 'done', start: at('09:00'), minutes: 60 },
      { id: 'b2', taskId: 'begun', start: at('10:00'), minutes: 60 },
      { id: 'b3', taskId: 'later', start: at('11:00'), minutes: 60 },
      { id: 'b4', taskId: 'friday', start: at('10:00', '2026-11-27'), minutes: 90 },
    ]),
    entries: entries.with([
      { id: 'e', subject: { kind: 'task', taskId: 'begun' }, from: at('10:00'), to: at('10:20') },
    ]),
    events: events.with((changes.meetings ?? []).map(([from, minutes]) => meeting(from, from, minutes))),
  };
}

const ends = (workspace: Workspace, time: string) => {
  const rest = restOfDay(workspace, zone, at(time));
  return rest && [timeOf(rest.ends, zone), rest.over];
};

test('done are blocks of what is done, and of others what was spent on them; the week is the sum of its days', () => {
  expect(dayProgress(day(), date, zone, at('10:30'))).toEqual({ done: 80, left: 100 });
  expect(weekProgress(day(), date, zone, at('10:30'))).toEqual({ done: 80, left: 190 });
});

test('what lies in the tray counts by its estimate', () => {
  const workspace = day();
  const tray = workspace.tray.with([{ id: 't', taskId: 'friday', date }]);
  expect(dayProgress({ ...workspace, tray }, date, zone, at('10:30'))).toEqual({ done: 80, left: 160 });
});

test('the rest ends later the later it is, meetings are gone around, and what no longer fits is told', () => {
  expect(ends(day(), '10:20')).toEqual(['12:00', 0]);
  expect(ends(day(), '11:00')).toEqual(['12:40', 0]);
  expect(ends(day({ meetings: [['11:30', 60]] }), '11:00')).toEqual(['14:10', 0]);
  expect(ends(day({ meetings: [['15:00', 30]] }), '10:20')).toEqual(['15:30', 0]);
  expect(ends(day(), '16:15')).toEqual(['16:55', 60]);
});

test('of a day on which nothing is left there is no end', () => {
  const workspace = day();
  const all = workspace.tasks.values().map((each) => ({ ...each, doneAt: at('10:00') }));
  expect(restOfDay({ ...workspace, tasks: workspace.tasks.with(all) }, zone, at('10:30'))).toBeUndefined();
});
