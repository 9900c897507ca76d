import { DAY_MINUTES, zoneChangeId, type Frame, type FrameZone, type ZoneChange } from '../model/frame';
import { rememberedWhile } from '../model/remember';
import { readsSeals, sealOn } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { clip, inLayers, union, type Span } from '../time/span';
import { clockOf } from '../time/wall';
import { addDays, dayOf, instantOf, weekdayOf, type IsoDate, type Zone } from '../time/zone';
import { frameAsOf, frameOf } from './holding';

/** One time of a zone. */
export type ZoneTime = {
  readonly zone: FrameZone;
  /** Which of the zones of its frame it is, counted from 0. */
  readonly place: number;
  /** The date on which it begins. */
  readonly date: IsoDate;
  /** Minutes after that midnight, and its length, by the clock on the wall. */
  readonly from: number;
  readonly minutes: number;
  /** What is otherwise on this date. */
  readonly change: ZoneChange | undefined;
};

/** The zones and hours of the week of a date: those that it was sealed with, else those of the frame that holds. */
function holding(workspace: Workspace, date: IsoDate): Pick<Frame, 'zones' | 'hours'> {
  const seal = sealOn(workspace, date);
  if (seal) return seal;
  const frame = frameOf(workspace, date);
  return frame ? frameAsOf(frame, date) : { zones: [] };
}

/** How many minutes someone said that they will work on a date, or on that weekday; undefined for what the zones give. */
export function hoursSaid(workspace: Workspace, date: IsoDate): number | undefined {
  const weekday = weekdayOf(date);
  return (
    workspace.dayCapacities.get(date)?.minutes ??
    holding(workspace, date).hours?.find(({ day }) => day === weekday)?.minutes
  );
}

/** The zones that begin on a date as they are on it, those that are off too. */
export function zoneTimes(workspace: Workspace, date: IsoDate): ZoneTime[] {
  const weekday = weekdayOf(date);
  return holding(workspace, date)
    .zones.map((zone, place) => ({ zone, place }))
    .filter(({ zone }) => zone.days.includes(weekday))
    .map(({ zone, place }) => {
      const change = workspace.zoneChanges.get(zoneChangeId(zone.id, date));
      const { from, minutes } = change && !change.off ? change : zone;
      return { zone, place, date, from, minutes, change };
    });
}

/** The instant at which so many minutes of a date have passed by the clock on the wall. */
const wallInstant = (date: IsoDate, minutes: number, zone: Zone): number =>
  instantOf(`${addDays(date, Math.floor(minutes / DAY_MINUTES))}T${clockOf(minutes)}`, zone);

/** When a time of a zone really is: an hour more or less in the nights when clocks change. */
const spanOfTime = ({ date, from, minutes }: ZoneTime, zone: Zone): Span => ({
  from: wallInstant(date, from, zone),
  to: wallInstant(date, from + minutes, zone),
});

/** A zone on a day, clipped to it. */
export type ZoneOnDay = ZoneTime & {
  /** From its first to its last moment on the day, whatever lies in it. */
  readonly whole: Span;
  /** What narrower zones leave of it, in order; nothing when they cover it, or when it is off. */
  readonly spans: readonly Span[];
};

const isOff = ({ change }: ZoneTime): boolean => change?.off === true;

/** All zones of a day in the order of their hours. Where two overlap, the narrower has the time; of two alike, the later one in the frame. */
export const zonesOn = rememberedWhile(
  (_: Workspace, date: IsoDate, zone: Zone) => `${date} ${zone}`,
  (workspace: Workspace, date: IsoDate) => readsOfZones(workspace, date),
  (workspace: Workspace, date: IsoDate, zone: Zone): readonly ZoneOnDay[] => {
    const day = dayOf(date, zone);
    // of those of the day before only what lies beyond midnight is left
    const times = [addDays(date, -1), date].flatMap((each) => zoneTimes(workspace, each));
    const lying = times
      .map((time) => ({ time, own: spanOfTime(time, zone) }))
      .filter(({ own }) => own.from < day.to && own.to > day.from)
      .map(({ time, own }) => ({ time, whole: clip(day, own) }));
    // by the clock on the wall, so that two alike stay alike in the nights when clocks change
    const narrowestFirst = lying.sort(
      ({ time: a }, { time: b }) => a.minutes - b.minutes || b.place - a.place,
    );
    const kept = inLayers(narrowestFirst.map(({ time, whole }) => (isOff(time) ? [] : [whole])));
    const zones = narrowestFirst.map(({ time, whole }, i): ZoneOnDay => ({
      ...time,
      whole,
      spans: kept[i] ?? [],
    }));
    return zones.sort((a, b) => a.whole.from - b.whole.from || b.whole.to - a.whole.to);
  },
);

/** What the zones of a date depend on. */
export function readsOfZones(workspace: Workspace, date: IsoDate): readonly unknown[] {
  const { frames, frameHolds, zoneChanges, settings } = workspace;
  const month = (day: IsoDate) => zoneChanges.parts.get(day.slice(0, 7));
  return [
    frames,
    frameHolds,
    settings.weekStart,
    month(date),
    month(addDays(date, -1)),
    ...readsSeals(workspace, addDays(date, -1)),
    ...readsSeals(workspace, date),
  ];
}

/** The stretches of a day that are of a kind. */
export const spansOfKind = (
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  kind: FrameZone['kind'],
): Span[] =>
  union(zonesOn(workspace, date, zone).flatMap((one) => (one.zone.kind === kind ? one.spans : [])));

/** Whether work begins on a date. */
export const worksOn = (workspace: Workspace, date: IsoDate): boolean =>
  zoneTimes(workspace, date).some((time) => time.zone.kind === 'work' && !isOff(time));
