import { useEffect } from 'react';
import { stepped } from '@/core/plan/views';
import { useDrag } from '@/ui/drag/dragStore';
import { useSheets } from '@/ui/sheets';
import type { PlanView } from '@/ui/useView';

/** Arrows left and right go back and on, Home goes to today; while something is held or typed the keys belong to that. */
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
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [view, date, today, onDate, fit]);
}
