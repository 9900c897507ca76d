import { useEffect, useRef, useState, type RefObject } from 'react';
import { widthWithin, type ColumnId } from '@/core/table/columns';
import { followPointer } from '@/ui/followPointer';

/** A column that is being made wider or narrower, in pixels. */
type HeldEdge = { readonly id: ColumnId; readonly width: number };

/** Changes the widths of columns by the right edges of their heads, those with `data-edge`; returns what is held. */
export function useEdges(
  element: RefObject<HTMLElement | null>,
  columns: readonly ColumnId[],
  onWidth: (id: ColumnId, width: number) => void,
): HeldEdge | null {
  const [held, setHeld] = useState<HeldEdge | null>(null);
  const latest = useRef({ columns, onWidth });
  useEffect(() => {
    latest.current = { columns, onWidth };
  });
  useEffect(() => {
    const grid = element.current;
    if (!grid) return undefined;
    const onDown = (down: PointerEvent) => {
      const edge = down.target instanceof Element ? down.target.closest<HTMLElement>('[data-edge]') : null;
      const id = latest.current.columns.find((one) => one === edge?.dataset.edge);
      if (down.button !== 0 || id === undefined) return;
      const before = edge?.parentElement?.getBoundingClientRect().width ?? 0;
      const widthAt = ({ clientX }: PointerEvent) => widthWithin(before + clientX - down.clientX);
      followPointer(down, {
        element: grid,
        onMove: (event) => setHeld({ id, width: widthAt(event) }),
        onEnd: (event) => latest.current.onWidth(id, widthAt(event)),
        onStop: () => setHeld(null),
      });
    };
    grid.addEventListener('pointerdown', onDown);
    return () => grid.removeEventListener('pointerdown', onDown);
  }, [element]);
  return held;
}
