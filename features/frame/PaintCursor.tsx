import { useState } from 'react';
import { View } from 'react-native';
import type { Brush } from '@/core/frame/kinds';
import { DAY_MINUTES } from '@/core/model/frame';
import { webProps } from '@/ui/dom';
import { show, type Mark } from './mark';
import { painted, type Place } from './pointer';

const HALF = 30;
const arrows: Readonly<Record<string, Place>> = {
  ArrowLeft: { column: -1, at: 0 },
  ArrowRight: { column: 1, at: 0 },
  ArrowUp: { column: 0, at: -HALF },
  ArrowDown: { column: 0, at: HALF },
};

type Props = { brush: Brush; hour: number; onPaint: (mark: Mark) => void };

/** Where the keyboard paints: arrows go by half hours and days, with Shift they mark, Enter paints, Escape leaves. */
export function PaintCursor({ brush, hour, onPaint }: Props) {
  const [begin, setBegin] = useState<Place>({ column: 0, at: 9 * 60 });
  const [end, setEnd] = useState<Place>({ column: 0, at: 10 * 60 });
  const mark = (from: Place, to: Place) => {
    setBegin(from);
    setEnd(to);
    show(painted(from, to), brush.name);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = arrows[event.key];
    if (step) {
      const stepped = (place: Place, room: number): Place => ({
        column: Math.min(6, Math.max(0, place.column + step.column)),
        at: Math.min(DAY_MINUTES - room, Math.max(0, place.at + step.at)),
      });
      const length = end.at - begin.at;
      if (event.shiftKey) mark(begin, stepped(end, 0));
      else {
        const start = stepped(begin, HALF);
        mark(start, { column: start.column, at: start.at + Math.max(HALF, length) });
      }
    } else if (event.key === 'Enter') onPaint(painted(begin, end));
    else if (event.key === 'Escape') mark(begin, { ...begin, at: begin.at + HALF });
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <View
      tabIndex={0}
      role="group"
      aria-roledescription="brush"
      aria-label={`Paint ${brush.name}: arrows go, with Shift they mark hours and days, Enter paints`}
      className="absolute border border-pine"
      style={{
        pointerEvents: 'none',
        left: `${(100 * begin.column) / 7}%`,
        width: `${100 / 7}%`,
        top: (begin.at / 60) * hour,
        height: hour / 2,
      }}
      {...webProps({
        onKeyDown,
        onFocus: () => show(painted(begin, end), brush.name),
        onBlur: () => show(null),
      })}
    />
  );
}
