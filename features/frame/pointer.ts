import { DAY_MINUTES, type FrameZone } from '@/core/model/frame';
import { STEP } from '@/core/plan/placing';
import { followPointer } from '@/ui/followPointer';
import { show, type Mark } from './mark';

/** A place of the week: a column, and minutes after its midnight. */
export type Place = { readonly column: number; readonly at: number };

/** The place under a point of the window, on an element that is the seven days side by side. */
function placeAt(week: HTMLElement, { clientX, clientY }: { clientX: number; clientY: number }): Place {
  const { left, top, width, height } = week.getBoundingClientRect();
  const column = Math.floor(((clientX - left) / width) * 7);
  const at = ((clientY - top) / height) * DAY_MINUTES;
  return { column: Math.min(6, Math.max(0, column)), at: Math.min(DAY_MINUTES, Math.max(0, at)) };
}

const snap = (minutes: number) => Math.round(minutes / STEP) * STEP;

/** What is painted from one place to another: the same hours of all days between. */
export function painted(begin: Place, end: Place): Mark {
  const [first, last] = [Math.min(begin.column, end.column), Math.max(begin.column, end.column)];
  const [from, to] = [snap(Math.min(begin.at, end.at)), snap(Math.max(begin.at, end.at))];
  return {
    columns: Array.from({ length: last - first + 1 }, (_, i) => first + i),
    from: Math.min(from, DAY_MINUTES - STEP),
    minutes: Math.max(STEP, to - from),
  };
}

/** The hours of a zone, and the days on which it begins. */
export type ZoneHours = Pick<FrameZone, 'days' | 'from' | 'minutes'>;

export type How = 'move' | 'start' | 'end';

/** Where a zone would stand when it is moved, or taken by one of its edges, from one place to another. */
export function moved(zone: FrameZone, how: How, begin: Place, end: Place): ZoneHours {
  const by = snap(end.at - begin.at);
  const { days, from, minutes } = zone;
  if (how === 'end') return { days, from, minutes: Math.min(DAY_MINUTES, Math.max(STEP, minutes + by)) };
  if (how === 'start') {
    const until = from + minutes;
    const latest = Math.min(until, DAY_MINUTES) - STEP;
    const start = Math.max(0, until - DAY_MINUTES, Math.min(from + by, latest));
    return { days, from: start, minutes: until - start };
  }
  const across = end.column - begin.column;
  return {
    days: days.map((day) => ((day - 1 + across + 7) % 7) + 1),
    from: Math.max(0, Math.min(DAY_MINUTES - STEP, from + by)),
    minutes,
  };
}

type Following = {
  readonly week: HTMLElement;
  /** Called on each move, from the first on. */
  readonly onMove: (begin: Place, end: Place) => void;
  readonly onEnd: (begin: Place, end: Place) => void;
};

/** Follows a press on the week, from place to place. */
export function follow(down: PointerEvent, { week, onMove, onEnd }: Following): void {
  const begin = placeAt(week, down);
  followPointer(down, {
    element: week,
    onMove: (event) => onMove(begin, placeAt(week, event)),
    onEnd: (event) => onEnd(begin, placeAt(week, event)),
    onStop: () => show(null),
  });
}
