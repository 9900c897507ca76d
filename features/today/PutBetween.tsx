import { useLayoutEffect, useRef } from 'react';
import { View } from 'react-native';
import { findingLine } from '@/core/plan/findingWords';
import { gapsAhead, startIn } from '@/core/plan/between';
import type { Span } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace } from '@/state/workspaceStore';
import { useDropArea } from '@/board/drag/areas';
import { placeOf, useDrag, type Dragged } from '@/board/drag/dragStore';
import { meaningOf } from '@/board/drag/meaning';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { Words } from '@/ui/Words';

/** A row of the day as it is drawn: when what it shows begins (epoch ms), and where it lies in the window. */
type Row = { readonly isFree: boolean; readonly from: number; readonly box: DOMRect };

/** The rows of the list that an element lies over. */
function rowsIn(element: HTMLElement | null): Row[] {
  const rows = element?.parentElement?.querySelectorAll<HTMLElement>('[data-row]') ?? [];
  return [...rows].map((row) => {
    const [kind, from] = (row.dataset.row ?? '').split(' ');
    return { isFree: kind === 'pocket', from: Number(from), box: row.getBoundingClientRect() };
  });
}

const distance = ({ box }: Row, y: number) => Math.max(box.top - y, y - box.bottom, 0);

/** Where something let go at a height of the window would begin: before or after the row that lies there, or in its free time. */
function startAt(rows: readonly Row[], y: number, dragged: Dragged): number {
  const { zone, now } = here();
  const today = dateOf(now, zone);
  const workspace = currentWorkspace();
  const gaps = gapsAhead(workspace, today, zone, now);
  const [row] = [...rows].sort((a, b) => distance(a, y) - distance(b, y));
  const isAfter = row?.isFree || (row && y > (row.box.top + row.box.bottom) / 2);
  // a gap ends as the thing begins that follows it
  const isPassed = ({ to }: Span) => row !== undefined && (isAfter ? to <= row.from : to < row.from);
  const gap = gaps.slice(0, -1).find((each) => !isPassed(each)) ?? gaps.at(-1);
  return gap ? startIn(workspace, today, gap, dragged.minutes, zone, now, placeOf(dragged)?.id) : now;
}

/** At which height of the window something would be put that begins at an instant. */
function heightOf(rows: readonly Row[], start: number): number | undefined {
  const inOrder = [...rows].sort((a, b) => a.from - b.from);
  const before = inOrder.findLast(({ isFree, from }) => (isFree ? from <= start : from < start));
  return before?.box.bottom ?? inOrder[0]?.box.top;
}

/** Lets what is carried be put between two things of the day, and draws where it would go. */
export function PutBetween() {
  const view = useRef<View>(null);
  const rows = () => rowsIn(elementOf(view.current));
  const { attach } = useDropArea({ kind: 'list', startAt: (y, dragged) => startAt(rows(), y, dragged) });
  return (
    <View
      ref={(shown) => {
        view.current = shown;
        attach(shown);
      }}
      className="absolute inset-0"
      style={{ pointerEvents: 'none' }}
    >
      <Line heightIn={(start) => heightOf(rows(), start)} />
    </View>
  );
}

/** A line where what is carried would go; by keys, with its hours. */
function Line({ heightIn }: { heightIn: (start: number) => number | undefined }) {
  const dragged = useDrag((state) => state.dragged);
  const byKeys = useDrag((state) => state.by === 'keys');
  const target = useDrag((state) => (state.target?.kind === 'hours' ? state.target : null));
  const workspace = useWorkspace();
  const { zone, today } = useMoment();
  const line = useRef<View>(null);
  const start = target && dateOf(target.start, zone) === today ? target.start : undefined;
  useLayoutEffect(() => {
    const element = elementOf(line.current);
    const height = start === undefined ? undefined : heightIn(start);
    if (!element || height === undefined) return;
    const top = element.parentElement?.getBoundingClientRect().top ?? 0;
    element.style.transform = `translateY(${height - top}px)`;
    if (byKeys) element.scrollIntoView({ block: 'nearest' });
  });
  if (!dragged || !target || start === undefined) return null;
  const { where, findings } = meaningOf(workspace, dragged, target);
  const wrong = findings.length > 0;
  return (
    <View
      ref={line}
      id="put-between"
      aria-hidden
      className={`absolute left-4 right-4 top-0 h-0 border-t-2 ${wrong ? 'border-brick' : 'border-pine'}`}
    >
      {byKeys && (
        <View
          className={`self-end rounded border bg-surface px-1.5 ${wrong ? 'border-brick' : 'border-pine'}`}
        >
          <Words size="xs" face="strong" tone={wrong ? 'brick' : 'pine'}>
            {[where, ...findings.map(findingLine)].join(' · ')}
          </Words>
        </View>
      )}
    </View>
  );
}
