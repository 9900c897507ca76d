import { useEffect, useRef, type RefObject } from 'react';
import type { Cell } from '@/core/table/grid';
import { CHOICE } from './Row';

/** What can be done within the table, by key, by pointer and by the clipboard. */
export type GridActs = {
  /** Whether a key did something. */
  readonly key: (event: KeyboardEvent) => boolean;
  readonly point: (cell: Cell, grows: boolean) => void;
  readonly open: (cell: Cell) => void;
  /** Ticks or unticks a row as chosen. */
  readonly choose: (row: number) => void;
  readonly copy: () => string;
  readonly paste: (text: string) => void;
};

/** The cell that an event of the browser happened in. */
function cellAt({ target }: Event): Cell | undefined {
  const cell = target instanceof Element ? target.closest('[role=gridcell]') : null;
  const [, row, column] = /^cell-(\d+)-(-?\d+)$/.exec(cell?.id ?? '') ?? [];
  return row === undefined ? undefined : { row: Number(row), column: Number(column) };
}

const isField = ({ target }: Event) => target instanceof HTMLInputElement;

/** Listens to keys, pointer and clipboard within the element of the table; fields within it have their own. */
export function useGridKeys(element: RefObject<HTMLElement | null>, acts: GridActs): void {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  useEffect(() => {
    const grid = element.current;
    if (!grid) return undefined;
    const ended = new AbortController();
    const on = <K extends keyof HTMLElementEventMap>(kind: K, act: (event: HTMLElementEventMap[K]) => void) =>
      grid.addEventListener(kind, (event) => !isField(event) && act(event), { signal: ended.signal });
    on('keydown', (event) => {
      if (!latest.current.key(event)) return;
      event.preventDefault();
      event.stopPropagation();
    });
    on('mousedown', (event) => {
      const cell = event.button === 0 ? cellAt(event) : undefined;
      if (!cell) return;
      // a mark drawn over the cells marks no text
      event.preventDefault();
      grid.focus({ preventScroll: true });
      if (cell.column === CHOICE) latest.current.choose(cell.row);
      else latest.current.point(cell, event.shiftKey);
    });
    on('mousemove', (event) => {
      const cell = event.buttons === 1 ? cellAt(event) : undefined;
      if (cell && cell.column !== CHOICE) latest.current.point(cell, true);
    });
    on('dblclick', (event) => {
      const cell = cellAt(event);
      if (cell && cell.column !== CHOICE) latest.current.open(cell);
    });
    on('copy', (event) => {
      event.clipboardData?.setData('text/plain', latest.current.copy());
      event.preventDefault();
    });
    on('paste', (event) => {
      latest.current.paste(event.clipboardData?.getData('text/plain') ?? '');
      event.preventDefault();
    });
    return () => ended.abort();
  }, [element]);
}
