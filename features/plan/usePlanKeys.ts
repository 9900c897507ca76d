import { useEffect } from 'react';
import { stepped } from '@/core/plan/views';
import { useDrag } from '@/ui/drag/dragStore';
import { useSheets } from '@/ui/sheets';
import type { PlanView } from '@/ui/useView';

/** Brings the keyboard to the next thing of the plan that can be moved, or to the one before. */
function goToItem(direction: 1 | -1): void {
  const items = [
    ...document.querySelectorAll<HTMLElement>('[role=main] [aria-roledescription][tabindex="0"]'),
  ];
  const here = items.findIndex((item) => item === document.activeElement);
  const next = here === -1 ? (direction === 1 ? 0 : items.length - 1) : here + direction;
  items[(next + items.length) % items.length]?.focus();
}

/** N and P go to the next thing and the one before; arrows left and right go back and on, Home goes to today; while something is held or typed the keys belong to that. */
export function usePlanKeys({ view, date, today, onDate }: PlanView, fit: number): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      const typing = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
      const choosing = target instanceof HTMLElement && target.closest('[role=radiogroup]') !== null;
      const busy = useDrag.getState().dragged !== null || useSheets.getState().open !== null;
      if (typing || choosing || busy || event.ctrlKey || event.metaKey || event.altKey) return;
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
}
