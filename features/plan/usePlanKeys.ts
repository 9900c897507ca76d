import { useEffect } from 'react';
import { stepped } from '@/core/plan/views';
import { useDrag } from '@/board/drag/dragStore';
import { blockElementId } from '@/board/drag/drop';
import { belongsInPane, closePanel, topPanel, usePanels } from '@/ui/panels';
import type { PlanView } from '@/board/days/useView';

/** Brings the keyboard to the next thing of the plan that can be moved, or to the one before. */
function goToItem(direction: 1 | -1): void {
  const items = [
    ...document.querySelectorAll<HTMLElement>('[role=main] [aria-roledescription][tabindex="0"]'),
  ];
  const here = items.findIndex((item) => item === document.activeElement);
  const next = here === -1 ? (direction === 1 ? 0 : items.length - 1) : here + direction;
  items[(next + items.length) % items.length]?.focus();
}

/** Whether something lies over the plan or is held, so that the keys belong to it. The details beside it do not count. */
function isBusy(): boolean {
  const state = usePanels.getState();
  const top = topPanel(state);
  return useDrag.getState().dragged !== null || (top !== null && !(state.hasPane && belongsInPane(top)));
}

/** Closes the details pane; what was opened there has the keyboard again. */
function closeDetails(): void {
  const { shown, hasPane } = usePanels.getState();
  if (!hasPane || !belongsInPane(shown)) return;
  closePanel();
  if (shown?.kind === 'task' && shown.blockId)
    document.getElementById(blockElementId(shown.blockId))?.focus();
}

/**
 * N and P go to the next thing and the one before; arrows left and right go back and on, Home goes to today, Escape
 * closes the details. While something is held, or typed, the keys belong to that.
 */
export function usePlanKeys({ view, date, today, onDate }: PlanView, fit: number): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      const typing = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
      const choosing = target instanceof HTMLElement && target.closest('[role=radiogroup]') !== null;
      if (typing || choosing || isBusy() || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'ArrowLeft') onDate(stepped(view, date, -1, fit));
      else if (event.key === 'ArrowRight') onDate(stepped(view, date, 1, fit));
      else if (event.key === 'Home') onDate(today);
      else if (event.key === 'n') goToItem(1);
      else if (event.key === 'p') goToItem(-1);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [view, date, today, onDate, fit]);
  useEffect(() => {
    const onEscape = ({ key }: KeyboardEvent) => {
      if (key === 'Escape' && !isBusy()) closeDetails();
    };
    // on its way down, as text fields keep their keys to themselves
    window.addEventListener('keydown', onEscape, { capture: true });
    return () => window.removeEventListener('keydown', onEscape, { capture: true });
  }, []);
}
