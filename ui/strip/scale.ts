import { MINUTE, type Span } from '@/core/time/span';

/** How the hours of a day lie on a strip: pixels from its top for an instant, and back. */
export type Scale = {
  readonly day: Span;
  readonly height: number;
  readonly y: (instant: number) => number;
  readonly instantAt: (y: number) => number;
};

/** A strip of a whole day. On days when the clocks change it is an hour shorter or longer. */
export function scaleOf(day: Span, pixelsPerHour: number): Scale {
  const perMs = pixelsPerHour / (60 * MINUTE);
  const clamp = (instant: number) => Math.min(day.to, Math.max(day.from, instant));
  return {
    day,
    height: (day.to - day.from) * perMs,
    y: (instant) => (clamp(instant) - day.from) * perMs,
    instantAt: (y) => clamp(day.from + y / perMs),
  };
}
