import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { MINUTE } from '@/core/time/span';
import { useWorkspace } from '@/state/workspaceStore';
import { elementOf } from '../dom';
import { useDrag } from '../drag/dragStore';
import { targetWords } from '../drag/drop';
import { Words } from '../Words';
import type { Scale } from './scale';

/** Where the dragged thing would lie on the strip, with its hours; the only part of a day that renders on a drag. */
export function DropGhost({ scale }: { scale: Scale }) {
  const { dragged, target, by } = useDrag();
  const workspace = useWorkspace();
  const view = useRef<View>(null);
  const start = target?.kind === 'hour' ? target.start : null;
  useEffect(() => {
    if (by === 'keys' && start !== null) elementOf(view.current)?.scrollIntoView({ block: 'nearest' });
  }, [by, start]);
  if (!dragged || target?.kind !== 'hour') return null;
  if (target.start >= scale.day.to || target.start + target.minutes * MINUTE <= scale.day.from) return null;
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
