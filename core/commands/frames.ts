import { framesOf } from '../frame/holding';
import { isUntouched } from '../model/firstFrame';
import { DAY_MINUTES, zoneChangeId, type Frame, type FrameHold, type FrameZone } from '../model/frame';
import type { Id } from '../model/common';
import type { Workspace } from '../model/workspace';
import type { IsoDate } from '../time/zone';
import { command, CommandFailed, existing, forget, put, without } from './command';

/*
 * Every command that changes what holds takes `week`, the first day of the present week: weeks that have ended keep what
 * they had.
 */

/** The frame with other zones or hours from a week on; earlier weeks keep what it had. */
function changedFrom(week: IsoDate, frame: Frame, changes: Partial<Pick<Frame, 'zones' | 'hours'>>): Frame {
  const kept = frame.before.some(({ until }) => until >= week)
    ? frame.before
    : [...frame.before, { until: week, zones: frame.zones, ...(frame.hours ? { hours: frame.hours } : {}) }];
  return { ...frame, ...changes, before: kept };
}

type InFrame = { readonly frameId: Id; readonly week: IsoDate };

/** Changes the zones of a frame by a function of them. */
function changed(
  workspace: Workspace,
  { frameId, week }: InFrame,
  change: (zones: readonly FrameZone[]) => readonly FrameZone[],
): Workspace {
  const frame = existing(workspace.frames, frameId, 'frame');
  return put(workspace, 'frames', changedFrom(week, frame, { zones: [...change(frame.zones)] }));
}

const zoneIn = (zones: readonly FrameZone[], id: Id): FrameZone => {
  const found = zones.find((zone) => zone.id === id);
  if (!found) throw new CommandFailed('This zone is no longer there.');
  return found;
};

const sameHours = (a: FrameZone, b: FrameZone) =>
  a.from === b.from && a.minutes === b.minutes && a.name === b.name && a.kind === b.kind;

const inWeekOrder = (days: Iterable<number>) => [...new Set(days)].sort((a, b) => a - b);

/** Adds a zone to a frame; one of the same name at the same hours of other days takes its days in. */
export const addZone = command('add zone', (workspace, { zone, ...at }: InFrame & { zone: FrameZone }) =>
  changed(workspace, at, (zones) => {
    const twin = zones.find((other) => sameHours(other, zone));
    if (!twin) return [...zones, zone];
    const days = inWeekOrder([...twin.days, ...zone.days]);
    return zones.map((other) => (other === twin ? { ...other, days } : other));
  }),
);

/** Changes what a zone says; without any day it goes. Fails with "This zone is no longer there." */
export const editZone = command(
  'edit zone',
  (workspace, { id, changes, ...at }: InFrame & { id: Id; changes: Partial<Omit<FrameZone, 'id'>> }) =>
    changed(workspace, at, (zones) => {
      const zone = { ...zoneIn(zones, id), ...changes };
      const days = inWeekOrder(zone.days);
      return zones.flatMap((other) => {
        if (other.id !== id) return [other];
        return days.length > 0 ? [{ ...zone, days }] : [];
      });
    }),
);

export const deleteZone = command('delete zone', (workspace, { id, ...at }: InFrame & { id: Id }) =>
  changed(workspace, at, (zones) => {
    zoneIn(zones, id);
    return zones.filter((zone) => zone.id !== id);
  }),
);

type Break = InFrame & {
  readonly id: Id;
  readonly newId: Id;
  readonly after: number;
  readonly pause: number;
};

/**
 * Breaks a zone in two with a pause between, so many minutes after its start; their sum stays what it was, so the second
 * part ends later by the pause. Fails when the first part would take all, or the second end a day after the first began.
 */
export const breakZone = command('break zone', (workspace, { id, newId, after, pause, ...at }: Break) =>
  changed(workspace, at, (zones) => {
    const zone = zoneIn(zones, id);
    if (after < 1 || after >= zone.minutes)
      throw new CommandFailed('The first part must be shorter than the whole.');
    if (zone.minutes + pause > DAY_MINUTES)
      throw new CommandFailed('With this break it would be longer than a day.');
    const start = zone.from + after + pause;
    const nextDay = start >= DAY_MINUTES;
    const second = {
      ...zone,
      id: newId,
      from: start % DAY_MINUTES,
      minutes: zone.minutes - after,
      days: nextDay ? zone.days.map((day) => (day % 7) + 1) : zone.days,
    };
    return zones.flatMap((other) =>
      other.id === id ? [{ ...zone, minutes: after, buffer: 0 }, second] : [other],
    );
  }),
);

/** Whether anything was planned or recorded before a week; `start` is its first instant (epoch ms). */
const hasPast = ({ blocks, entries, seals }: Workspace, start: number): boolean =>
  seals.size > 0 ||
  blocks.values().some((block) => block.start < start) ||
  entries.values().some(({ from }) => from < start);

/**
 * Puts all zones of a frame in the place of those it has. The first frame, never changed before, has always had them for
 * whoever has no past yet: the night before the first Monday is of it, too. `start` is the week's first instant (epoch ms).
 */
export const setZones = command(
  'shape the frame',
  (workspace, { zones, start, ...at }: InFrame & { zones: readonly FrameZone[]; start: number }) => {
    const frame = existing(workspace.frames, at.frameId, 'frame');
    if (isUntouched(frame) && !hasPast(workspace, start))
      return put(workspace, 'frames', { ...frame, zones: [...zones] });
    return changed(workspace, at, () => zones);
  },
);

/** Deletes a frame; weeks that have ended and had it keep it. Fails for the last one. */
export const deleteFrame = command('delete frame', (workspace, { id, week }: { id: Id; week: IsoDate }) => {
  const frame = existing(workspace.frames, id, 'frame');
  if (framesOf(workspace).length === 1)
    throw new CommandFailed('One frame has to stay: it is what the weeks are measured by.');
  const [first] = framesOf(workspace);
  const holds = workspace.frameHolds.values().filter(({ frameId }) => frameId === id);
  const heldBefore = first?.id === id || holds.some(({ from }) => from < week);
  if (!heldBefore) return forget(workspace, 'frames', [id]);
  const ended = holds.reduce((before, hold) => endHold.apply(before, { id: hold.id, week }), workspace);
  const retired = put(ended, 'frames', { ...frame, retired: true });
  return first?.id === id ? keptFor(retired, id, week) : retired;
});

/** The first frame holds wherever nothing else is said; when it goes, weeks that have ended are said to have it. */
function keptFor(workspace: Workspace, firstId: Id, week: IsoDate): Workspace {
  const hold = {
    id: `before ${week} ${firstId}`,
    frameId: firstId,
    from: '1900-01-01',
    until: week,
    how: 'on',
    every: 4,
  } as const;
  return put(workspace, 'frameHolds', hold);
}

type Hold = Pick<FrameHold, 'id' | 'frameId' | 'from' | 'how'> & {
  readonly every?: number;
  readonly week: IsoDate;
};

/** Says that a frame holds from a week on, once in so many weeks, or in one week. Fails for weeks that have ended. */
export const holdFrame = command('say which frame holds', (workspace, { week, every = 4, ...hold }: Hold) => {
  existing(workspace.frames, hold.frameId, 'frame');
  if (hold.from < week) throw new CommandFailed('Weeks that have ended keep the frame that they had.');
  // what is said of the same week in the same way is said anew
  const same = workspace.frameHolds
    .values()
    .filter(({ from, how }) => from === hold.from && how === hold.how)
    .map(({ id }) => id);
  return put(without(workspace, 'frameHolds', same), 'frameHolds', { ...hold, every, until: null });
});

/** Takes back what was said of a frame, from the present week on. */
export const endHold = command(
  'take back which frame holds',
  (workspace, { id, week }: { id: Id; week: IsoDate }) => {
    const hold = existing(workspace.frameHolds, id, 'line');
    return hold.from >= week
      ? without(workspace, 'frameHolds', [id])
      : put(workspace, 'frameHolds', { ...hold, until: week });
  },
);

type OnDate = { readonly zoneId: Id; readonly date: IsoDate };

/** A zone is at other hours on one date, or off; the frame stays as it is. */
export const changeZoneOn = command(
  'change a zone on one day',
  (workspace, { zoneId, date, ...how }: OnDate & ({ off: true } | { from: number; minutes: number })) => {
    const change = {
      id: zoneChangeId(zoneId, date),
      zoneId,
      date,
      ...('off' in how ? { off: true, from: 0, minutes: DAY_MINUTES } : { off: false, ...how }),
    };
    return put(workspace, 'zoneChanges', change);
  },
);

/** A day on which work ends later: one of its zones lasts longer, or one works more minutes than was said, or both. */
export const lengthenDay = command(
  'lengthen the day',
  (
    workspace,
    {
      date,
      zone,
      capacity,
    }: {
      date: IsoDate;
      zone: { zoneId: Id; from: number; minutes: number } | null;
      capacity: number | null;
    },
  ) => {
    const longer = zone ? changeZoneOn.apply(workspace, { date, ...zone }) : workspace;
    return capacity === null ? longer : put(longer, 'dayCapacities', { id: date, minutes: capacity });
  },
);

/** Goes back to what the frame says of a zone on a date. */
export const followFrameOn = command('go back to the frame', (workspace, { zoneId, date }: OnDate) =>
  without(workspace, 'zoneChanges', [zoneChangeId(zoneId, date)]),
);

/** How long someone will work on each such weekday for as long as a frame holds (minutes), or null for what its zones give. */
export const setWeekdayHours = command(
  'set the room of a weekday',
  (workspace, { frameId, week, day, minutes }: InFrame & { day: number; minutes: number | null }) => {
    const frame = existing(workspace.frames, frameId, 'frame');
    const others = (frame.hours ?? []).filter((one) => one.day !== day);
    const hours = minutes === null ? others : [...others, { day, minutes }];
    return put(workspace, 'frames', changedFrom(week, frame, { hours }));
  },
);

/** How long someone will work on a date (minutes), or null for what the frame gives. */
export const setCapacity = command(
  'set the room of a day',
  (workspace, { date, minutes }: { date: IsoDate; minutes: number | null }) =>
    minutes === null
      ? without(workspace, 'dayCapacities', [date])
      : put(workspace, 'dayCapacities', { id: date, minutes }),
);
