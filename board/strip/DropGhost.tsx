import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { findingLine } from '@/core/plan/findingWords';
import { MINUTE, type Span } from '@/core/time/span';
import { useWorkspace } from '@/state/shown';
import { elementOf } from '@/ui/dom';
import { useDrag, type Target } from '../drag/dragStore';
import { meaningOf, type Meaning } from '../drag/meaning';
import { Words } from '@/ui/Words';
import type { Scale } from './scale';

/** Whether something let go now would lie on a day. */
const isOn = (day: Span, target: Target | null): boolean =>
  target?.kind === 'hours' && target.start < day.to && target.start + target.minutes * MINUTE > day.from;

const nothing: Meaning = { where: '', findings: [] };

/** Out of sight, above the hours. */
const AWAY = -10_000;

/**
 * Where the dragged thing would lie on the strip, with its hours; the only part of a day that renders on a drag. It is
 * there on every day and only moves, so that nothing is laid out meanwhile.
 */
export function DropGhost({ scale }: { scale: Scale }) {
  const { day } = scale;
  const by = useDrag((state) => state.by);
  const dragged = useDrag((state) => state.dragged);
  const target = useDrag((state) => (isOn(day, state.target) ? state.target : null));
  const workspace = useWorkspace();
  const view = useRef<View>(null);
  const { from, minutes } =
    target?.kind === 'hours'
      ? { from: target.start, minutes: target.minutes }
      : { from: day.from, minutes: dragged ? dragged.minutes : 0 };
  const top = scale.y(from);
  const height = Math.max(18, scale.y(from + minutes * MINUTE) - top);
  const y = target ? top : AWAY;
  useEffect(() => {
    if (by === 'keys' && y !== AWAY) elementOf(view.current)?.scrollIntoView({ block: 'nearest' });
  }, [by, y]);
  if (!dragged) return null;
  // nothing is asked for days that are not aimed at: the words of the last target are kept for the chip
  const { where, findings } = target ? meaningOf(workspace, dragged, target) : nothing;
  return (
    <View
      ref={view}
      aria-hidden
      id={target ? 'drop-ghost' : undefined}
      className={`moves-often absolute left-0 right-1 top-0 rounded-r-lg border-2 border-dashed px-2 ${findings.length > 0 ? 'border-brick' : 'border-pine'}`}
      style={{ height, transform: [{ translateY: y }], pointerEvents: 'none' }}
    >
      {target && by === 'keys' && (
        <View className="self-end rounded bg-surface px-1.5">
          <Words size="xs" face="strong" tone={findings.length > 0 ? 'brick' : 'pine'}>
            {[where, ...findings.map(findingLine)].join(' · ')}
          </Words>
        </View>
      )}
    </View>
  );
}
