import { create } from 'zustand';
import { useDrag } from '@/board/drag/dragStore';

/** Whether the tasks to place are open at the bottom of a phone. */
export const useDrawer = create(() => ({ open: false }));

/** Whether they take the height that what stands above the hours has else; not while something is dragged, which they make room for. */
export function useIsDrawn(): boolean {
  const dragging = useDrag(({ dragged }) => dragged !== null);
  return useDrawer(({ open }) => open) && !dragging;
}
