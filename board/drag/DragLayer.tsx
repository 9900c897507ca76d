import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { findingLine } from '@/core/plan/findingWords';
import { hueOfTask } from '@/core/plan/lens';
import { taskOf } from '@/core/tasks/places';
import { dateWords, momentWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { elementOf, webProps } from '@/ui/dom';
import { forText } from '@/ui/textScale';
import { Words } from '@/ui/Words';
import { heedFingers, onCarry, wheelWhileCarried } from './carry';
import { leave, useDrag, type Dragged, type Target } from './dragStore';
import { meaningOf, nearestFor } from './meaning';

/** The DOM id of what tells how things are dragged by keyboard. */
export const DRAG_HELP = 'drag-help';

/** What shows and says a drag, wherever it is; stands once, around all screens. */
export function DragLayer() {
  const dragged = useDrag((state) => state.dragged);
  const by = useDrag((state) => state.by);
  useEffect(heedFingers, []);
  const byKeys = dragged !== null && by === 'keys';
  useEffect(() => {
    if (!byKeys) return;
    // what is pressed elsewhere means something else than what the keys hold
    window.addEventListener('pointerdown', leave, { capture: true });
    return () => window.removeEventListener('pointerdown', leave, { capture: true });
  }, [byKeys]);
  return (
    <>
      {dragged && by === 'pointer' && (
        <>
          <Shield />
          <Carried>
            <Chip dragged={dragged} />
          </Carried>
        </>
      )}
      <View aria-live="assertive" role="status" className="absolute h-px w-px overflow-hidden">
        <Words>{byKeys && <SpokenTarget dragged={dragged} />}</Words>
      </View>
      <View id={DRAG_HELP} className="hidden">
        <Words>
          Space picks up the card that has the keyboard, arrows move it, Enter drops it, Escape leaves it; the
          question mark lists all keys.
        </Words>
      </View>
    </>
  );
}

/** Lies over all screens, so that the browser need not look on each move what of them is under the pointer. */
const Shield = () => (
  <View
    className="fixed inset-0 z-40 cursor-grabbing"
    {...webProps({ onWheel: ({ nativeEvent }) => wheelWhileCarried(nativeEvent) })}
  />
);

const WIDTH = forText(224);
const HEIGHT = forText(132);

/** Goes with the pointer, above the finger and inside the window. Neither a move nor other words lay out anything else. */
function Carried({ children }: { children: ReactNode }) {
  const view = useRef<View>(null);
  useLayoutEffect(
    () =>
      onCarry(({ x, y }) => {
        const left = Math.max(8, Math.min(x + 16, window.innerWidth - WIDTH - 8));
        const element = elementOf(view.current);
        if (element) element.style.transform = `translate(${left}px, ${Math.max(8, y - 28 - HEIGHT)}px)`;
      }),
    [],
  );
  return (
    <View
      ref={view}
      aria-hidden
      className="moves-often fixed left-0 top-0 z-50 justify-end [contain:size_layout_style]"
      style={{ width: WIDTH, height: HEIGHT, pointerEvents: 'none' }}
    >
      {children}
    </View>
  );
}

/** Names what is dragged, and says what letting go would do. */
function Chip({ dragged }: { dragged: Dragged }) {
  const workspace = useWorkspace();
  const { zone, now } = useMoment();
  const [first = '', ...more] = dragged.tasks;
  const task = taskOf(workspace, first);
  const title = dragged.kind === 'event' ? dragged.event.title : task?.title;
  return (
    <View
      className={`hue-${hueOfTask(task, workspace, zone, now)} gap-0.5 rounded-r-lg border border-l-4 border-edge bg-surface px-3 py-2 shadow-md`}
    >
      <Words face="strong" numberOfLines={1}>
        {title}
        {more.length > 0 ? ` and ${more.length} more` : ''}
      </Words>
      <Words face="strong" tone="pine">
        <Where dragged={dragged} />
      </Words>
      <Words size="xs" tone="brick" face="strong" className="whitespace-pre-line empty:hidden">
        <Warnings dragged={dragged} />
      </Words>
      <Nearest dragged={dragged} />
    </View>
  );
}

function useMeaning(dragged: Dragged) {
  const target = useDrag((state) => state.target);
  return meaningOf(useWorkspace(), dragged, target);
}

// of the chip only the letters render on a move, not what they stand in
const Where = ({ dragged }: { dragged: Dragged }) => useMeaning(dragged).where;
const Warnings = ({ dragged }: { dragged: Dragged }) =>
  useMeaning(dragged).findings.map(findingLine).join('\n');

/** For how long something is held still (ms) before the nearest place that fits is looked for. */
const STILL = 250;

/** Where it would fit best nearby, once it is held over hours of which something speaks against. */
function Nearest({ dragged }: { dragged: Dragged }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const target = useDrag((state) => state.target);
  const { findings } = useMeaning(dragged);
  const [found, setFound] = useState<{ target: Target | null; start: number | undefined } | null>(null);
  const troubled = findings.length > 0;
  useEffect(() => {
    if (!troubled) return undefined;
    const timer = setTimeout(
      () => setFound({ target, start: nearestFor(workspace, dragged, target) }),
      STILL,
    );
    return () => clearTimeout(timer);
  }, [troubled, workspace, dragged, target]);
  if (!troubled || found?.start === undefined || found.target !== target) return null;
  const when = momentWords(found.start, zone, workspace.settings);
  return (
    <Words size="xs" tone="soft">
      Fits on {when}
    </Words>
  );
}

/** Says aloud where a drag by keyboard aims, and on which day if it is another. */
function SpokenTarget({ dragged }: { dragged: Dragged }) {
  const { zone } = useMoment();
  const { settings } = useWorkspace();
  const { where, findings } = useMeaning(dragged);
  const start = useDrag(({ target }) => (target?.kind === 'hours' ? target.start : null));
  const [from, to] = [dragged.start, start].map((at) => (at ? dateOf(at, zone) : null));
  const words = [where, ...findings.map(findingLine)].join('. ');
  return to && to !== from ? `${dateWords(to, settings)}, ${words}` : words;
}
