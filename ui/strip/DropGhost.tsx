import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { MINUTE, type Span } from '@/core/time/span';
import { useWorkspace } from '@/state/workspaceStore';
import { elementOf } from '../dom';
import { useDrag, type Target } from '../drag/dragStore';
import { targetWords } from '../drag/drop';
import { Words } from '../Words';
import type { Scale } from './scale';

/** Whether something let go now would lie on a day. */
const isOn = (day: Span, target: Target | null): boolean =>
  target?.kind === 'hour' && target.start < day.to && target.start + target.minutes * MINUTE > day.from;

/** Where the dragged thing would lie on the strip, with its hours; the only part of a day that renders on a drag. */
export function DropGhost({ scale }: { scale: Scale }) {
  const { day } = scale;
  const by = useDrag((state) => state.by);
  const dragged = useDrag((state) => state.dragged);
  const target = useDrag((state) => (isOn(day, state.target) ? state.target : null));
  const workspace = useWorkspace();
  const view = useRef<View>(null);
  const start = target?.kind === 'hour' ? target.start : null;
  useEffect(() => {
    if (by === 'keys' && start !== null) elementOf(view.current)?.scrollIntoView({ block: 'nearest' });
  }, [by, start]);
  if (!dragged || target?.kind !== 'hour') return null;
  const { where, warnings } = targetWords(workspace, dragged, target);
  const top = scale.y(target.start);
  const height = Math.max(18, scale.y(target.start + target.minutes * MINUTE) - top);
  return (
    <View
      ref={view}
      aria-hidden
      id="drop-ghost"
      className={`absolute left-0 right-1 rounded-r-lg border-2 border-dashed px-2 ${warnings.length > 0 ? 'border-brick' : 'border-pine'}`}
      style={{ top, height, pointerEvents: 'none' }}
    >
      {by === 'keys' && (
        <View className="self-end rounded bg-surface px-1.5">
          <Words size="xs" face="strong" tone={warnings.length > 0 ? 'brick' : 'pine'}>
            {[where, ...warnings].join(' · ')}
          </Words>
        </View>
      )}
    </View>
  );
}
