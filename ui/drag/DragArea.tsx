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
import { MINUTE, type Span } from '@/core/time/span';
import { STEP, snap, startOn } from '@/core/plan/placing';
import { hueOfTask } from '@/core/plan/lens';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Words } from '../Words';
import { Areas, areaUnderPointer, pointer, underPointer, type Area } from './areas';
import { aim, letGo, pickUp, startOf, useDrag, type Dragged, type Target } from './dragStore';
import { drop, targetWords } from './drop';
import { Items, type Item } from './items';

function targetOver(area: Area | undefined, dragged: Dragged, grab: number): Target | null {
  if (dragged.kind === 'resize') {
    const own =
      area?.kind === 'strip' && (startOf(dragged) ?? 0) < area.day.to && startsOn(area.day, dragged);
    return own ? resized(area, dragged, grab) : useDrag.getState().target;
  }
  if (area?.kind === 'strip') {
    return {
      kind: 'hour',
      start: startOn(area.instantAt(pointer.at.y) - grab, area.day),
      minutes: dragged.minutes,
    };
  }
  if (dragged.event) return null;
  if (area?.kind === 'group') return { kind: 'into', blockId: area.block.id };
  if (area?.kind === 'tray') return { kind: 'tray', date: area.date };
  return dragged.kind === 'move' || area?.kind === 'off' ? { kind: 'off' } : null;
}

/** A block is made longer on the day that it began on, or on the next when it goes past midnight. */
const startsOn = (day: Span, dragged: Dragged) => {
  const start = startOf(dragged);
  return start !== undefined && start + dragged.minutes * MINUTE > day.from;
};

function resized(area: Extract<Area, { kind: 'strip' }>, dragged: Dragged, grab: number): Target {
  const start = startOf(dragged) ?? 0;
  const end = snap(area.instantAt(pointer.at.y) - grab, area.day.from);
  return {
    kind: 'hour',
    start,
    minutes: Math.max(STEP, Math.round((end - start) / MINUTE)),
  };
}

/** Where the finger or the mouse was when it picked up. The two sensors give these events. */
const pickedUpAt = (event: Event | null) =>
  event && 'touches' in event ? (event as TouchEvent).touches[0] : (event as MouseEvent | null);

function grabbedAt(area: Extract<Area, { kind: 'strip' }>, dragged: Dragged, event: Event): number {
  const edge = (startOf(dragged) ?? 0) + (dragged.kind === 'resize' ? dragged.minutes * MINUTE : 0);
  return area.instantAt(pickedUpAt(event)?.clientY ?? pointer.at.y) - edge;
}

/** Follows the pointer and says what letting go would do. */
function DragChip() {
  const { dragged, target } = useDrag();
  const workspace = useWorkspace();
  const task = dragged && workspace.tasks.get(dragged.taskId);
  if (!dragged || (!task && !dragged.event)) return null;
  const { where, warnings } = targetWords(workspace, dragged, target);
  return (
    <View
      className={`hue-${hueOfTask(task ?? undefined, workspace, session.zone, session.now())} w-56 gap-0.5 rounded-r-lg border border-l-4 border-edge bg-surface px-3 py-2 shadow-md`}
    >
      <Words face="strong" numberOfLines={1}>
        {task?.title ?? dragged.event?.title}
        {dragged.more && dragged.more.length > 0 ? ` and ${dragged.more.length} more` : ''}
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

const silent = {
  onDragStart: () => undefined,
  onDragOver: () => undefined,
  onDragEnd: () => undefined,
  onDragCancel: () => undefined,
};
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
  /** How long after its start (or its end, on resizing) a block was grabbed, ms; undefined until it is over the strip. */
  const grab = useRef<number | undefined>(undefined);

  const start = ({ active }: DragStartEvent) => {
    grab.current = undefined;
    pickUp((active.data.current as Item).dragged(), 'pointer'); // set by Items
  };
  const move = ({ activatorEvent }: DragMoveEvent) => {
    const { dragged } = useDrag.getState();
    if (!dragged) return;
    const area = areaUnderPointer();
    if (area?.kind === 'strip' && startOf(dragged) !== undefined)
      grab.current ??= grabbedAt(area, dragged, activatorEvent);
    aim(targetOver(area, dragged, grab.current ?? 0));
  };

  return (
    <>
      {children}
      <SpokenTarget />
      <DndContext
        sensors={sensors}
        collisionDetection={underPointer}
        autoScroll={{ threshold: { x: 0, y: 0.14 } }}
        accessibility={{ announcements: silent, screenReaderInstructions: { draggable: keyHelp } }}
        onDragStart={start}
        onDragMove={move}
        onDragEnd={drop}
        onDragCancel={letGo}
      >
        <Items />
        <Areas />
        <DragOverlay
          dropAnimation={null}
          modifiers={[besidePointer]}
          style={{ width: CHIP_WIDTH, pointerEvents: 'none', willChange: 'transform' }}
        >
          <DragChip />
        </DragOverlay>
      </DndContext>
    </>
  );
}

const keyHelp =
  'Space picks it up. Then up and down move it by a quarter hour, left and right by a day, with Shift they change its length, T puts it in the tray, G into a group, Delete takes it off, Enter drops it, Escape leaves it where it was.';

/** Keeps the chip above the finger and inside the window. */
const besidePointer: NonNullable<React.ComponentProps<typeof DragOverlay>['modifiers']>[number] = ({
  transform,
  draggingNodeRect,
  activatorEvent,
}) => {
  const picked = pickedUpAt(activatorEvent);
  if (!draggingNodeRect || !picked) return transform;
  const x = picked.clientX + transform.x;
  const y = picked.clientY + transform.y;
  const left = Math.max(8, Math.min(x + 16, window.innerWidth - CHIP_WIDTH - 8));
  const top = Math.max(8, y - 92);
  return { ...transform, x: left - draggingNodeRect.left, y: top - draggingNodeRect.top };
};
