import { useEffect, useState } from 'react';

/** How long something is pointed at before its name is shown, in milliseconds. */
const AFTER = 500;
/** Room that a name needs beside the edge of the window, in pixels. */
const ROOM = 90;

type Tip = { readonly words: string; readonly x: number; readonly y: number; readonly above: boolean };

/** What is only an icon, at or around what an event happened to. */
function iconAt({ target }: Event): HTMLElement | null {
  const button = target instanceof Element ? target.closest<HTMLElement>('button, a') : null;
  return button?.ariaLabel && button.textContent?.trim() === '' ? button : null;
}

function tipOf(button: HTMLElement): Tip {
  const { left, width, top, bottom } = button.getBoundingClientRect();
  const above = bottom + 40 > innerHeight;
  const x = Math.min(innerWidth - ROOM, Math.max(ROOM, left + width / 2));
  return { words: button.ariaLabel ?? '', x, y: above ? top - 6 : bottom + 6, above };
}

/** Shows the name of what is only an icon while it is pointed at or has the keyboard; Escape, a press or a scroll hides it. */
export function Tips() {
  const [tip, setTip] = useState<Tip | null>(null);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let shown: HTMLElement | null = null;
    const hide = () => {
      clearTimeout(timer);
      setTip(null);
    };
    const look = (event: Event, after: number) => {
      const button = iconAt(event);
      if (button === shown) return;
      hide();
      shown = button;
      if (button) timer = setTimeout(() => button.isConnected && setTip(tipOf(button)), after);
    };
    const ended = new AbortController();
    const on = <K extends keyof DocumentEventMap>(kind: K, act: (event: DocumentEventMap[K]) => void) =>
      document.addEventListener(kind, act, { capture: true, signal: ended.signal });
    on('pointerover', (event) => event.pointerType === 'mouse' && look(event, AFTER));
    on('focusin', (event) => iconAt(event)?.matches(':focus-visible') && look(event, 0));
    on('focusout', hide);
    on('pointerdown', hide);
    on('scroll', hide);
    on('keydown', ({ key }) => key === 'Escape' && hide());
    return () => {
      ended.abort();
      clearTimeout(timer);
    };
  }, []);
  if (!tip) return null;
  return (
    <div
      aria-hidden
      className={`pointer-events-none fixed z-50 -translate-x-1/2 rounded bg-ink px-2 py-1 font-text text-xs text-ground ${tip.above ? '-translate-y-full' : ''}`}
      style={{ left: tip.x, top: tip.y, maxWidth: 2 * ROOM }}
    >
      {tip.words}
    </div>
  );
}
