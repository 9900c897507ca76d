import * as fc from 'fast-check';
import { changeSettings } from '../commands/calendar';
import { endMeeting } from '../commands/days';
import { CommandFailed, put, without } from '../commands/command';
import { changeZoneOn, deleteZone, editZone, setCapacity } from '../commands/frames';
import { moveBlock, placeTask, putInTray, takeBlockOff } from '../commands/plan';
import { repeatTask } from '../commands/repeating';
import { answerLate, openWeek, sealWeek } from '../commands/seals';
import { park } from '../commands/clarify';
import { deleteTask, editTask, tickOff } from '../commands/tasks';
import { startTimer, stopTimer } from '../commands/track';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { lunch, office, sleep, withZones } from '../fixtures/zones';
import { disturbancesIn } from '../forecast/disturbances';
import { zonesOn } from '../frame/zones';
import { collectionNames } from '../model/records';
import { remembering } from '../model/remember';
import { workspaceOf, type Contents, type Workspace } from '../model/workspace';
import { inboxOn } from '../tasks/inbox';
import { nextTimes } from '../tasks/repeating';
import { toPlace } from '../tasks/toPlace';
import { addDays } from '../time/zone';
import { dayPlan } from './dayPlan';
import { sealOf } from './sealing';
import { sinceSeal } from './sinceSeal';
import { datesOf, views } from './views';

/** The Monday of the week that is planned; today is the Friday before it. */
const week = '2026-11-23';
const today = '2026-11-20';
const days = [-3, 0, 1, 4, 9].map((n) => addDays(week, n));
const now = at('09:10', today);

/** What is asked of each remembered function; one that a test does not know fails below. */
const questions = new Map<unknown, (workspace: Workspace) => unknown>([
  [zonesOn, (w) => days.map((day) => zonesOn(w, day, zone))],
  [dayPlan, (w) => days.map((day) => dayPlan(w, day, zone))],
  [datesOf, (w) => views.flatMap((view) => days.map((day) => datesOf(w, view, day, 4)))],
  [inboxOn, (w) => days.map((day) => inboxOn(w, day))],
  [nextTimes, (w) => days.map((day) => nextTimes(w, day, zone))],
  [toPlace, (w) => [now, now + 400, at('10:30')].map((instant) => toPlace(w, today, zone, instant))],
  [disturbancesIn, (w) => disturbancesIn(w, zone, now)],
  [sinceSeal, (w) => w.seals.values().map((seal) => sinceSeal(w, seal, zone))],
]);

/** The same workspace in which nothing is the same object, so that nothing of it is remembered. */
const afresh = (workspace: Workspace): Workspace =>
  workspaceOf(
    Object.fromEntries(
      collectionNames.map((name) => [
        name,
        (workspace[name].values() as object[]).map((one) => ({ ...one })),
      ]),
    ) as Contents, // the records of each collection
    structuredClone(workspace.settings),
    workspace.unknown,
  );

const start: Workspace = {
  ...withZones(office, lunch, sleep),
  ...(() => {
    const { tasks, blocks, tray, events, calendars } = workspaceOf({
      tasks: ['a', 'b', 'c'].map((id) => task(id, id === 'c' ? { inbox: true } : {})),
      blocks: [{ id: 'block a', taskId: 'a', start: at('10:00'), minutes: 60 }],
      tray: [{ id: 'tray b', taskId: 'b', date }],
      events: [meeting('m', '11:00', 60, { rule: 'FREQ=WEEKLY' })],
      calendars: [{ id: 'c', name: 'C', source: '', hue: 'reed', kept: [] }],
    });
    return { tasks, blocks, tray, events, calendars };
  })(),
};

const frameOfAll = { frameId: start.frames.values()[0]?.id ?? '', week };
type Act = (w: Workspace, n: number, id: string) => Workspace;
const seal: Act = (w) => sealWeek.apply(w, { seal: sealOf(w, week, zone, now), today });
const unseal: Act = (w, n) => openWeek.apply(w, { week, at: now + n, today });
const move: Act = (w, n, id) => moveBlock.apply(w, { id: `block ${id}`, start: at('14:00', days[n % 5]) });
const over: Act = (w, n) =>
  endMeeting.apply(w, {
    date: '2026-11-23',
    meeting: 'm@2026-11-23T11:00:00',
    at: at('11:10', '2026-11-23') + n,
  });
const place: Act = (w, n, id) =>
  placeTask.apply(w, { id: `block ${id}`, taskId: id, start: at('08:00', days[n % 5]), minutes: 15 + n });
const otherDays: Act = (w, n) =>
  editZone.apply(w, { ...frameOfAll, id: 'Office', changes: { days: [1, 2, 3, 1 + (n % 7)] } });
const acts: readonly Act[] = [
  seal,
  unseal,
  otherDays,
  over,
  (w, n) =>
    answerLate.apply(w, {
      week,
      meeting: `m@${days[n % 5]}T11:00:00`,
      answer: n % 2 ? 'notThisWeek' : 'accepted',
    }),
  (w, n) => editZone.apply(w, { ...frameOfAll, id: 'Lunch', changes: { kind: n % 2 ? 'work' : 'duty' } }),
  (w) => deleteZone.apply(w, { ...frameOfAll, id: 'Sleep' }),
  (w, n) =>
    changeZoneOn.apply(w, {
      ...{ zoneId: 'Office', date: days[n % 5] ?? date },
      ...(n % 3 === 0 ? { off: true } : { from: 600, minutes: 60 + n }),
    }),
  (w, n) => setCapacity.apply(w, { date: days[n % 5] ?? date, minutes: n % 4 === 0 ? null : n * 5 }),
  (w, n) => changeSettings.apply(w, { weekStart: 1 + (n % 7), skipDaysOff: n % 2 === 0 }),
  (w, n) => changeSettings.apply(w, { buffers: { ...w.settings.buffers, betweenKinds: n % 20 } }),
  move,
  place,
  (w, _, id) => takeBlockOff.apply(w, { id: `block ${id}` }),
  (w, n, id) =>
    putInTray.apply(w, { id: `tray ${n}`, taskId: id, date: days[n % 5] ?? date, blockId: `block ${id}` }),
  (w, n, id) => editTask.apply(w, { id, estimate: 15 + n, categoryName: n % 2 ? 'Field' : '' }),
  (w, n, id) => editTask.apply(w, { id, due: n % 2 ? { date: days[n % 5] ?? date, time: null } : null }),
  (w, n, id) => editTask.apply(w, { id, notBefore: { date: days[n % 5] ?? date, time: null } }),
  (w, n, id) => park.apply(w, { ids: [id], until: days[n % 5] ?? null, now, zone }),
  (w, n, id) => tickOff.apply(w, { id, at: now + n }),
  (w, n, id) => deleteTask.apply(w, { id, at: now + n }),
  (w, n, id) =>
    repeatTask.apply(w, {
      ...{ taskId: id, newId: `r${id}`, rule: n % 2 ? 'FREQ=DAILY' : 'FREQ=WEEKLY', minutes: 30 + n },
      start: { wall: `${days[n % 5]}T13:00:00`, zone },
    }),
  (w, n, id) =>
    startTimer.apply(w, { id: `e${n}`, subject: { kind: 'task', taskId: id }, at: now - 60_000 * n }),
  (w) => stopTimer.apply(w, { at: now }),
  (w, n) => put(w, 'events', meeting(`n${n}`, `${days[n % 5]}T15:00:00`, 30 + n)),
  (w, n) => without(w, 'events', [n % 2 ? 'm' : `n${n}`]),
];

const anyAct = fc.tuple(fc.constantFrom(...acts), fc.nat(40), fc.constantFrom('a', 'b', 'c'));

function after(workspace: Workspace, [act, n, id]: readonly [Act, number, string]): Workspace {
  try {
    return act(workspace, n, id);
  } catch (error) {
    if (error instanceof CommandFailed) return workspace;
    throw error;
  }
}

test('what is remembered is what is worked out afresh, after any changes, for every remembered function', () => {
  expect(remembering.size).toBe(questions.size);
  fc.assert(
    fc.property(fc.array(anyAct, { minLength: 1, maxLength: 10 }), (steps) => {
      let workspace = start;
      for (const step of steps) {
        for (const ask of questions.values()) ask(workspace);
        workspace = after(workspace, step);
      }
      const rebuilt = afresh(workspace);
      for (const ask of questions.values()) expect(ask(workspace)).toEqual(ask(rebuilt));
    }),
    {
      numRuns: 20,
      // what was sealed held on the days of the week, and no longer does
      examples: [
        [
          [
            [seal, 0, 'a'],
            [otherDays, 0, 'a'],
            [unseal, 0, 'a'],
          ],
        ],
      ],
    },
  );
});
