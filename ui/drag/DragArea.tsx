import {
  DndContext,
  DragOverlay,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragMoveEvent,
  type DragStartEvent,
} from '@dnd-kit/core';
import { useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { MINUTE } from '@/core/time/span';
import { STEP, snap } from '@/core/plan/placing';
import { useWorkspace } from '@/state/workspaceStore';
import { Words } from '../Words';
import { areaOf, areaUnderPointer, pointer, type Area } from './areas';
import { aim, letGo, pickUp, useDrag, type Dragged, type Target } from './dragStore';
import { drop, targetWords } from './drop';

function targetOver(area: Area | undefined, dragged: Dragged, grab: number): Target | null {
  if (dragged.kind === 'resize') return area?.kind === 'strip' ? resized(area, dragged) : useDrag.getState().target;
  if (area?.kind === 'strip') {
    return { kind: 'hour', start: snap(area.instantAt(pointer.at.y) - grab, area.midnight), minutes: dragged.minutes };
  }
  if (area?.kind === 'tray') return { kind: 'tray', date: area.date };
  return dragged.kind === 'move' || area?.kind === 'off' ? { kind: 'off' } : null;
}

function resized(area: Extract<Area, { kind: 'strip' }>, { block, minutes }: Dragged): Target {
  const start = block?.start ?? 0;
  const end = snap(area.instantAt(pointer.at.y), area.midnight);
  return { kind: 'hour', start, minutes: block ? Math.max(STEP, Math.round((end - start) / MINUTE)) : minutes };
}

/** Follows the pointer and says what letting go would do. */
function DragChip() {
  const { dragged, target } = useDrag();
  const workspace = useWorkspace();
  const task = dragged && workspace.tasks[dragged.taskId];
  if (!dragged || !task) return null;
  const { where, warnings } = targetWords(workspace, dragged, target);
  return (
    <View
      className={`hue-${workspace.lists[task.listId]?.hue ?? 'slate'} w-56 gap-0.5 rounded-r-lg border border-l-4 border-edge bg-surface px-3 py-2 shadow-md`}
    >
      <Words face="strong" numberOfLines={1}>
        {task.title}
      </Words>
      <Words face="strong" tone="pine">
        {where}
      </Words>
      {warnings.map((warning) => (
        <Words key={warning} size="xs" tone="brick" face="strong">
          {warning}
        </Words>
      ))}
    </View>
  );
}

/** Says aloud where a drag by keyboard aims. */
function SpokenTarget() {
  const { dragged, target, by } = useDrag();
  const workspace = useWorkspace();
  const said = dragged && by === 'keys' ? targetWords(workspace, dragged, target) : null;
  return (
    <View aria-live="assertive" role="status" className="absolute h-px w-px overflow-hidden">
      <Words>{said ? [said.where, ...said.warnings].join('. ') : ''}</Words>
    </View>
  );
}

const silent = { onDragStart: () => undefined, onDragOver: () => undefined, onDragEnd: () => undefined, onDragCancel: () => undefined };
const CHIP_WIDTH = 224;

/**
 * Everything that can be dragged and dropped lives inside one of these. The mouse picks up after 6 px, a finger after
 * a long press, so that a swipe still scrolls. Nothing but the chip and the ghost on the strip renders on a move.
 */
export function DragArea({ children }: { children: ReactNode }) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  /** How long after its start a block was grabbed, ms; undefined until the pointer is over the strip for the first time. */
  const grab = useRef<number | undefined>(undefined);

  const start = ({ active }: DragStartEvent) => {
    grab.current = undefined;
    pickUp(active.data.current as Dragged, 'pointer'); // set by useDragItem
  };
  const move = ({ over }: DragMoveEvent) => {
    const { dragged } = useDrag.getState();
    if (!dragged) return;
    const area = areaOf(over?.data.current);
    if (area?.kind === 'strip' && dragged.block) grab.current ??= area.instantAt(pointer.at.y) - dragged.block.start;
    aim(targetOver(area, dragged, grab.current ?? 0));
  };

  return (
    <DndContext
      sensors={sensors}
      collisionDetection={areaUnderPointer}
      autoScroll={{ threshold: { x: 0, y: 0.14 } }}
      accessibility={{ announcements: silent, screenReaderInstructions: { draggable: keyHelp } }}
      onDragStart={start}
      onDragMove={move}
      onDragEnd={drop}
      onDragCancel={letGo}
    >
      {children}
      <SpokenTarget />
      <DragOverlay dropAnimation={null} modifiers={[besidePointer]} style={{ width: CHIP_WIDTH, pointerEvents: 'none' }}>
        <DragChip />
      </DragOverlay>
    </DndContext>
  );
}

const keyHelp =
  'Space picks it up. Then up and down move it by a quarter hour, with Shift they change its length, T puts it in the tray, Delete takes it off, Enter drops it, Escape leaves it where it was.';

/** Keeps the chip above the finger and inside the window. */
const besidePointer: NonNullable<React.ComponentProps<typeof DragOverlay>['modifiers']>[number] = ({ transform, draggingNodeRect, activatorEvent }) => {
  const touch = 'touches' in (activatorEvent ?? {}) ? (activatorEvent as TouchEvent).touches[0] : (activatorEvent as MouseEvent | null); // the two sensors above
  if (!draggingNodeRect || !touch) return transform;
  const x = touch.clientX + transform.x;
  const y = touch.clientY + transform.y;
  const left = Math.max(8, Math.min(x + 16, window.innerWidth - CHIP_WIDTH - 8));
  const top = Math.max(8, y - 92);
  return { ...transform, x: left - draggingNodeRect.left, y: top - draggingNodeRect.top };
};
