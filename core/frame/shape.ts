import { DAY_MINUTES, WEEK_MINUTES, type FrameZone } from '../model/frame';
import { inLayers, overlaps, type Span } from '../time/span';

/** A stretch of a zone in a week that has no date: minutes after the midnight of a weekday, Monday is 1. */
export type Stretch = {
  readonly zone: FrameZone;
  readonly weekday: number;
  readonly from: number;
  readonly to: number;
};

/** The times of a zone in minutes after Monday’s midnight; what goes beyond Sunday begins the week again. */
function timesOf({ days, from, minutes }: FrameZone): Span[] {
  return days.flatMap((day) => {
    const start = (day - 1) * DAY_MINUTES + from;
    const end = start + minutes;
    return end <= WEEK_MINUTES
      ? [{ from: start, to: end }]
      : [
          { from: start, to: WEEK_MINUTES },
          { from: 0, to: end - WEEK_MINUTES },
        ];
  });
}

/** Zones in the order in which they have the time where they overlap: the narrower first, of two alike the later one of the frame. */
const narrowestFirstOf = (zones: readonly FrameZone[]): FrameZone[] =>
  [...zones.entries()].sort(([i, a], [j, b]) => a.minutes - b.minutes || j - i).map(([, zone]) => zone);

/** The zones of a frame as a week shows them, cut at midnights. */
export function shapeOf(zones: readonly FrameZone[]): Stretch[] {
  const narrowestFirst = narrowestFirstOf(zones);
  const kept = inLayers(narrowestFirst.map(timesOf));
  return narrowestFirst.flatMap((zone, i) =>
    (kept[i] ?? []).flatMap((span) => cutAtMidnights(span).map((piece) => ({ zone, ...piece }))),
  );
}

function cutAtMidnights({ from, to }: Span): Omit<Stretch, 'zone'>[] {
  const day = Math.floor(from / DAY_MINUTES);
  const midnight = (day + 1) * DAY_MINUTES;
  const start = day * DAY_MINUTES;
  const piece = { weekday: day + 1, from: from - start, to: Math.min(to, midnight) - start };
  return to > midnight ? [piece, ...cutAtMidnights({ from: midnight, to })] : [piece];
}

/** Minutes a week of stretches. */
export const minutesOfWeek = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, { from, to }) => sum + to - from, 0);

/** How many minutes a week narrower zones take from each zone that is not all its own, by name. */
export function takenFrom(
  zones: readonly FrameZone[],
  id: string,
): { readonly minutes: number; readonly by: string[] } {
  const zone = zones.find((one) => one.id === id);
  if (!zone) return { minutes: 0, by: [] };
  const own = timesOf(zone);
  const whole = zone.days.length * zone.minutes;
  const left = minutesOfWeek(shapeOf(zones).filter((stretch) => stretch.zone.id === id));
  const overlapping = (other: FrameZone) => timesOf(other).some((a) => own.some((b) => overlaps(a, b)));
  const ordered = narrowestFirstOf(zones);
  const narrower = new Set(ordered.slice(0, ordered.indexOf(zone)));
  const by = zones.filter((other) => narrower.has(other) && overlapping(other));
  return { minutes: whole - left, by: [...new Set(by.map(({ name }) => name))] };
}
