import { useMemo, type RefObject } from 'react';
import { changeSettings } from '@/core/commands/calendar';
import type { Settings } from '@/core/model/settings';
import { columnMoved, knownColumns, widthOf, widthWithin, type ColumnId } from '@/core/table/columns';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { useReorder } from '@/ui/useReorder';
import { useEdges } from './useEdges';

/** By how much keys make a column wider or narrower, in pixels. */
const WIDER = 24;

const keep = (changes: Partial<Settings['tasks']>) =>
  store.run(changeSettings, { tasks: { ...currentWorkspace().settings.tasks, ...changes } });

/** The columns of the table and their widths, both changed by their heads and by keys. */
export function useColumns(frame: RefObject<HTMLElement | null>) {
  const settings = useWorkspace().settings.tasks;
  const columns = useMemo(() => knownColumns(settings.columns), [settings.columns]);
  const widen = (id: ColumnId, width: number) =>
    keep({ widths: { ...settings.widths, [id]: widthWithin(width) } });
  const held = useReorder(frame, {
    axis: 'x',
    // the title leads
    first: 1,
    onMove: (id, to) =>
      keep({ columns: columnMoved(columns, columns.find((one) => one === id) ?? 'title', to) }),
  });
  const heldEdge = useEdges(frame, columns, widen);
  const widths = useMemo(
    () => (heldEdge ? { ...settings.widths, [heldEdge.id]: heldEdge.width } : settings.widths),
    [settings.widths, heldEdge],
  );
  return {
    columns,
    widths,
    held,
    /** Moves a column by one place; returns where it stands then. */
    shift: (at: number, by: -1 | 1): number => {
      const [id, to] = [columns[at], at + by];
      if (id === undefined || at === 0 || to < 1 || to >= columns.length) return at;
      keep({ columns: columnMoved(columns, id, to) });
      return to;
    },
    /** Makes a column wider (1) or narrower (-1) by a step. */
    widenBy: (at: number, steps: 1 | -1) => {
      const id = columns[at] ?? 'title';
      widen(id, widthOf(id, settings.widths) + steps * WIDER);
    },
  };
}
