import { MINUTE, type Span } from '@/core/time/span';
import { dayOf, instantOf, wallOf, type IsoDate, type Zone } from '@/core/time/zone';

const HOUR = 60 * MINUTE;
const HALF_HOUR = 30 * MINUTE;

/** How the hours of a day lie on a strip: pixels from its top for an instant, and back. */
export type Scale = {
  readonly day: Span;
  readonly height: number;
  readonly y: (instant: number) => number;
  readonly instantAt: (y: number) => number;
  /** All of the strip that a stretch of time covers. */
  readonly over: (span: Span) => { readonly top: number; readonly height: number };
};

/** A strip of a whole day. On days when the clocks change it is an hour shorter or longer. */
export function scaleOf(day: Span, pixelsPerHour: number): Scale {
  const perMs = pixelsPerHour / HOUR;
  const clamp = (instant: number) => Math.min(day.to, Math.max(day.from, instant));
  const y = (instant: number) => (clamp(instant) - day.from) * perMs;
  return {
    day,
    height: (day.to - day.from) * perMs,
    y,
    over: ({ from, to }) => ({ top: y(from), height: y(to) - y(from) }),
    instantAt: (y) => clamp(day.from + y / perMs),
  };
}

/**
 * A strip on which the hours of every day lie at the same height, for days side by side: by the clock on the wall, so
 * that an hour that a clock change skips is empty and a doubled one lies on itself.
 */
export function wallScaleOf(date: IsoDate, zone: Zone, pixelsPerHour: number): Scale {
  const day = dayOf(date, zone);
  if (day.to - day.from === 24 * HOUR) return scaleOf(day, pixelsPerHour);
  const perMs = pixelsPerHour / HOUR;
  const wallMs = (instant: number) => {
    if (instant >= day.to) return 24 * HOUR;
    return Math.max(
      0,
      Date.parse(`${wallOf(Math.max(day.from, instant), zone)}Z`) - Date.parse(`${date}T00:00:00Z`),
    );
  };
  // where the clock goes back; clocks change at half hours
  const halves = Array.from({ length: (day.to - day.from) / HALF_HOUR }, (_, i) => day.from + i * HALF_HOUR);
  const back = halves.find((instant) => wallMs(instant) < wallMs(instant - 1000));
  return {
    day,
    height: 24 * pixelsPerHour,
    y: (instant) => wallMs(instant) * perMs,
    over({ from, to }) {
      const through = back !== undefined && from < back && back < to ? [back - 1000, back] : [];
      const reached = [from, to, ...through].map((instant) => wallMs(instant) * perMs);
      const top = Math.min(...reached);
      return { top, height: Math.max(...reached) - top };
    },
    instantAt: (y) => {
      const ms = Math.min(24 * HOUR, Math.max(0, y / perMs));
      if (ms === 24 * HOUR) return day.to;
      return instantOf(new Date(Date.parse(`${date}T00:00:00Z`) + ms).toISOString().slice(0, 19), zone);
    },
  };
}
