import * as fc from 'fast-check';
import { placeTask } from '../commands/plan';
import { addFrame, renameFrame } from '../commands/frameList';
import {
  addZone,
  breakZone,
  changeZoneOn,
  deleteFrame,
  editZone,
  endHold,
  followFrameOn,
  holdFrame,
  setCapacity,
  setWeekdayHours,
  setZones,
} from '../commands/frames';
import { at, date, meeting, task, zone } from '../fixtures/make';
import { hours, lunch, office, sleep, withZones, zoneOf } from '../fixtures/zones';
import { FIRST_FRAME, firstFrame } from '../model/firstFrame';
import { workspaceOf, type Workspace } from '../model/workspace';
import { dayPlan } from './dayPlan';
import { sealOf } from './sealing';
import { sealWeek } from '../commands/seals';
import { lengthOf, minutesOf, overlaps } from '../time/span';
import { addDays, dayOf, timeOf } from '../time/zone';
import { frameOf, framesOf, givesWay } from '../frame/holding';
import { dayShares, shares } from './left';
import { zonesOn } from '../frame/zones';

const week = '2026-11-23';
const frameId = FIRST_FRAME;
const drawn = (workspace: Workspace, day = date) =>
  zonesOn(workspace, day, zone).flatMap(({ zone: { name }, spans }) =>
    spans.map(({ from, to }) => `${timeOf(from, zone)}–${timeOf(to, zone)} ${name}`),
  );

const plain = withZones(sleep, office, lunch);

test('where zones overlap the narrower has the time, and sleep goes on into the next day', () => {
  expect(drawn(plain)).toEqual([
    '00:00–07:00 Sleep',
    '09:00–12:30 Office',
    '13:30–17:00 Office',
    '12:30–13:30 Lunch',
    '23:00–00:00 Sleep',
  ]);
  expect(dayPlan(plain, date, zone).load.capacity).toBe(420);
});

test('the nights when clocks change are an hour longer or shorter, and wall times stay', () => {
  const asleep = (day: string) => dayShares(plain, day, zone).asleep;
  expect([asleep('2026-03-29'), asleep('2026-10-25'), asleep(date)]).toEqual([420, 540, 480]);
  expect(drawn(plain, '2026-10-25')[0]).toBe('00:00–07:00 Sleep');
});

test('one date differs and goes back, and the frame is not touched by it', () => {
  const late = changeZoneOn.apply(plain, { zoneId: 'Lunch', date, ...hours(14, 30) });
  expect(drawn(late)).toContain('14:00–14:30 Lunch');
  expect(drawn(late, addDays(date, 1))).toEqual(drawn(plain, addDays(date, 1)));
  const off = changeZoneOn.apply(late, { zoneId: 'Lunch', date, off: true });
  expect(drawn(off)).toContain('09:00–17:00 Office');
  expect(drawn(followFrameOn.apply(off, { zoneId: 'Lunch', date }))).toEqual(drawn(plain));
});

describe('which frame holds', () => {
  const two = addFrame.apply(plain, { id: 'winter', name: 'Winter', copyOf: frameId });
  const three = addFrame.apply(two, { id: 'quiet', name: 'Quiet' });
  const from = (workspace: Workspace, id: string, day: string, how: 'on' | 'every' | 'once') =>
    holdFrame.apply(workspace, { id: `${id} ${day}`, frameId: id, from: day, how, week });
  const held = from(
    from(from(three, 'winter', '2026-12-07', 'on'), 'quiet', '2026-11-25', 'every'),
    frameId,
    '2026-12-22',
    'once',
  );
  const names = (workspace: Workspace) =>
    [0, 1, 2, 3, 4, 5].map((n) => frameOf(workspace, addDays(date, 7 * n))?.id);

  test('from a week on, every fourth week, and in one week alone', () => {
    expect(names(held)).toEqual(['quiet', frameId, 'winter', 'winter', frameId, 'winter']);
    const way = (id: string) => {
      const hold = held.frameHolds.get(id);
      return hold && givesWay(held, hold, week, 12);
    };
    expect(way('winter 2026-12-07')).toMatchObject({ week: '2026-12-21', to: { id: frameId } });
    expect(way('quiet 2026-11-25')).toMatchObject({ week: '2026-12-21', to: { id: frameId } });
    expect(way(`${frameId} 2026-12-22`)).toBeUndefined();
    expect(() => from(held, 'winter', '2026-11-16', 'on')).toThrow('Weeks that have ended');
  });

  test('what is taken back in a later week leaves the weeks before it alone', () => {
    const ended = endHold.apply(held, { id: 'winter 2026-12-07', week: '2026-12-14' });
    expect(names(ended)).toEqual(['quiet', frameId, 'winter', frameId, frameId, frameId]);
  });

  test('a frame that is deleted stays what it was in weeks that have ended', () => {
    const last = drawn(held, '2026-11-17');
    const gone = deleteFrame.apply(held, { id: frameId, week });
    expect(framesOf(gone).map(({ id }) => id)).toEqual(['winter', 'quiet']);
    expect(drawn(gone, '2026-11-17')).toEqual(last);
    expect(frameOf(gone, '2026-12-01')?.id).toBe('winter');
    const one = deleteFrame.apply(deleteFrame.apply(three, { id: 'quiet', week }), { id: 'winter', week });
    expect(one.frames.size).toBe(1);
    expect(() => deleteFrame.apply(one, { id: frameId, week })).toThrow('One frame has to stay');
  });
});

test('a change of a frame leaves weeks that have ended as they were, and the present one not', () => {
  const shorter = editZone.apply(plain, { frameId, week, id: 'Office', changes: hours(10, 240) });
  const again = editZone.apply(shorter, { frameId, week, id: 'Office', changes: hours(11, 60) });
  expect(drawn(again, '2026-11-20')).toEqual(drawn(plain, '2026-11-20'));
  expect(drawn(again, week)).toContain('11:00–12:00 Office');
});

test('a zone is broken in two with a pause, and the sum stays', () => {
  const five = withZones(zoneOf('Fieldwork', hours(9, 300)));
  const at2 = { frameId, week, id: 'Fieldwork', newId: 'second', after: 180, pause: 45 };
  const broken = breakZone.apply(five, at2);
  expect(drawn(broken)).toEqual(['09:00–12:00 Fieldwork', '12:45–14:45 Fieldwork']);
  expect(() => breakZone.apply(five, { ...at2, after: 300 })).toThrow('must be shorter than the whole');
  expect(() => breakZone.apply(five, { ...at2, pause: 1300 })).toThrow('longer than a day');
});

test('the same zone painted on other days is one zone with more days', () => {
  const painted = (days: number[]) => zoneOf('Writing', { id: `w${days.join('')}`, days });
  const once = addZone.apply(withZones(), { frameId, week, zone: painted([1, 2]) });
  const twice = addZone.apply(once, { frameId, week, zone: painted([2, 4]) });
  expect(frameOf(twice, date)?.zones.map(({ days }) => days)).toEqual([[1, 2, 4]]);
});

test('buffers take of the room, and the person may say how much a day has', () => {
  const travel = zoneOf('Travel', { kind: 'duty', ...hours(9, 30), buffer: 30 });
  const workspace = withZones(office, travel);
  const { load } = dayPlan(workspace, date, zone);
  expect([load.capacity, load.buffers, load.room]).toEqual([450, 30, 420]);
  const six = setCapacity.apply(workspace, { date, minutes: 360 });
  // what is left of the day tells the hours that were said, too
  const left = dayShares(six, date, zone);
  expect(left.work).toBe(dayPlan(six, date, zone).load.free);
  expect(shares.reduce((sum, share) => sum + left[share], 0)).toBe(1440);
  expect(dayPlan(six, date, zone).load).toMatchObject({ capacity: 360, room: 330 });
  expect(dayPlan(setCapacity.apply(six, { date, minutes: null }), date, zone).load).toEqual(load);
});

test('hours said of a weekday hold as long as the frame does, leave ended and sealed weeks alone, and one date may differ', () => {
  const workspace = withZones(office);
  const said = setWeekdayHours.apply(workspace, { frameId, week, day: 2, minutes: 360 });
  const capacityOn = (on: typeof said, day: string) => dayPlan(on, day, zone).load.capacity;
  expect(['2026-11-17', date, '2026-11-25', '2026-12-01'].map((day) => capacityOn(said, day))).toEqual([
    480, 360, 480, 360,
  ]);
  expect(capacityOn(setCapacity.apply(said, { date, minutes: 60 }), date)).toBe(60);
  const sealed = sealWeek.apply(said, { seal: sealOf(said, week, zone, at('08:00')), today: date });
  const none = setWeekdayHours.apply(sealed, { frameId, week, day: 2, minutes: null });
  expect([date, '2026-12-01'].map((day) => capacityOn(none, day))).toEqual([360, 480]);
  const copied = addFrame.apply(said, { id: 'winter', name: 'Winter', copyOf: frameId });
  expect(copied.frames.get('winter')?.hours).toEqual([{ day: 2, minutes: 360 }]);
});

const anyZone = fc.record({
  days: fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
  kind: fc.constantFrom('sleep', 'duty', 'work', 'own'),
  from: fc.integer({ min: 0, max: 1439 }),
  minutes: fc.integer({ min: 1, max: 1440 }),
  buffer: fc.constantFrom(0, 15, 90),
});
const anyDay = fc.record({
  zones: fc.array(anyZone, { maxLength: 8 }),
  events: fc.array(fc.tuple(fc.integer({ min: 0, max: 1439 }), fc.integer({ min: 1, max: 600 })), {
    maxLength: 4,
  }),
  blocks: fc.array(fc.tuple(fc.integer({ min: -200, max: 1439 }), fc.integer({ min: 1, max: 500 })), {
    maxLength: 4,
  }),
  day: fc.constantFrom(date, '2026-03-29', '2026-10-25', '2027-04-04', '2026-09-06'),
  where: fc.constantFrom(zone, 'America/Santiago', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'Pacific/Apia'),
});

test('any day is a partition: what becomes of it adds up to its length, and zones never share time', () => {
  fc.assert(
    fc.property(anyDay, ({ zones, events, blocks, day, where }) => {
      const frame = zones.map((one, i) => zoneOf(`z${i}`, { ...one, id: `z${i}` }));
      const span = dayOf(day, where);
      const base = workspaceOf({
        frames: [{ ...firstFrame(), zones: frame }],
        tasks: [task('t')],
        calendars: [{ id: 'c', name: 'c', source: '', hue: 'fern', kept: [] }],
        events: events.map(([from, minutes], i) => {
          const start = new Date(Date.parse(`${day}T00:00:00Z`) + from * 60_000).toISOString().slice(0, 19);
          return meeting(`e${i}`, start, minutes, { start: { wall: start, zone: where } });
        }),
      });
      const workspace = blocks.reduce(
        (before, [from, minutes], i) =>
          placeTask.apply(before, { id: `b${i}`, taskId: 't', start: span.from + from * 60_000, minutes }),
        base,
      );
      const parts = dayShares(workspace, day, where);
      expect(shares.reduce((sum, share) => sum + parts[share], 0)).toBe(lengthOf(span));
      expect(Math.min(...shares.map((share) => parts[share]))).toBeGreaterThanOrEqual(0);
      const all = zonesOn(workspace, day, where).flatMap(({ spans }) => spans);
      expect(all.some((a, i) => all.some((b, j) => i < j && overlaps(a, b)))).toBe(false);
      expect(all.every(({ from, to }) => from >= span.from && to <= span.to && from < to)).toBe(true);
      const { load } = dayPlan(workspace, day, where);
      expect(load.room).toBe(load.capacity - load.meetings - load.buffers);
      expect(load.free).toBe(load.room - load.planned);
    }),
  );
});

test('sixty zones, a frame without work, and one that fills the whole day stand', () => {
  const many = withZones(
    ...Array.from({ length: 60 }, (_, i) => zoneOf(`z${i}`, { from: i * 24, minutes: 24 })),
  );
  expect(zonesOn(many, date, zone)).toHaveLength(60);
  expect(minutesOf(zonesOn(many, date, zone).flatMap(({ spans }) => spans))).toBe(1440);
  expect(dayPlan(withZones(), date, zone).load).toMatchObject({ capacity: 0, room: 0 });
  const whole = withZones(zoneOf('Care', { kind: 'duty', from: 0, minutes: 1440 }));
  expect(dayShares(whole, date, zone).duties).toBe(1440);
  expect(at('00:00')).toBe(dayOf(date, zone).from);
});

test('two frames never bear one name: a typed one is refused, a copy counts on', () => {
  const winter = addFrame.apply(plain, { id: 'winter', name: 'Winter' });
  expect(() => addFrame.apply(winter, { id: 'other', name: ' winter ' })).toThrow(
    'There is a frame Winter already.',
  );
  expect(() => renameFrame.apply(winter, { id: frameId, name: 'Winter' })).toThrow('already');
  expect(renameFrame.apply(winter, { id: 'winter', name: 'winter' }).frames.get('winter')?.name).toBe(
    'winter',
  );
  const copy = (workspace: Workspace, id: string) =>
    addFrame.apply(workspace, { id, name: 'Winter, copy', copyOf: 'winter' });
  expect(copy(copy(winter, 'a'), 'b').frames.get('b')?.name).toBe('Winter, copy 2');
});

test('the first frame that a newcomer shapes has always been so; with a past behind, earlier weeks stay as they were', () => {
  const begun = workspaceOf({ frames: [firstFrame()] });
  const start = at('00:00', week);
  const zones = [zoneOf('Sleep', { id: 'Sleep', kind: 'sleep', days: [7], ...hours(23, 480) })];
  const shape = (workspace: Workspace) =>
    setZones.apply(workspace, { frameId: FIRST_FRAME, week, zones, start });
  const monday = (workspace: Workspace) => zonesOn(workspace, week, zone).map(({ zone: { name } }) => name);
  expect(monday(shape(begun))).toEqual(['Sleep']);
  const past = { id: 'b', taskId: 'Letter', start: start - 1, minutes: 30 };
  const worked = { ...begun, tasks: begun.tasks.with([task('Letter')]), blocks: begun.blocks.with([past]) };
  expect(monday(shape(worked))).toEqual([]);
});
