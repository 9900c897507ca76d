import { fieldWithKeyboard } from './dom';

/*
 * What is opened by a key stands a moment later. What is typed in that moment is meant for it: it is kept, and nothing else
 * takes it for a key of its own.
 */

/** For how long keys are kept at most (ms), should what was opened never stand. */
const PATIENCE = 10_000;

let kept: KeyboardEvent[] | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;

function keep(event: KeyboardEvent): void {
  // shortcuts of the browser stay its own, and what an input method composes is no key
  if (event.ctrlKey || event.metaKey || event.isComposing) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  kept?.push(event);
}

/** Whether what happens now was brought about by a key: one that acts by itself, or Enter and Space on a button. */
const isByKey = (event: Event | undefined): boolean =>
  event instanceof KeyboardEvent ||
  (event instanceof MouseEvent && event.type === 'click' && event.detail === 0);

/** From here on keys are kept for what a key has just opened. Does nothing for what was opened otherwise. */
export function keepTyped(): void {
  // deprecated, yet what says in every browser which event is being handled
  if (typeof window === 'undefined' || !isByKey(window.event)) return;
  if (!kept) window.addEventListener('keydown', keep, { capture: true });
  kept = [];
  clearTimeout(timer);
  timer = setTimeout(handOver, PATIENCE);
}

/** What was opened stands: it is handed what was typed for it, in order. */
export function typedIsWanted(): void {
  if (!kept) return;
  clearTimeout(timer);
  // when all that it does as it opens has been done
  timer = setTimeout(handOver, 0);
}

function handOver(): void {
  const events = kept ?? [];
  kept = null;
  window.removeEventListener('keydown', keep, { capture: true });
  for (const event of events) hand(event);
}

/** Does with a key what it would have done had it been pressed now. */
function hand({ key, code, shiftKey, altKey }: KeyboardEvent): void {
  const goal = document.activeElement ?? document.body;
  const field = fieldWithKeyboard();
  const again = { key, code, shiftKey, altKey, bubbles: true, cancelable: true };
  const isWanted = goal.dispatchEvent(new KeyboardEvent('keydown', again));
  // a browser types for real presses alone
  if (isWanted && field && key.length === 1) document.execCommand('insertText', false, key);
  if (isWanted && field && key === 'Backspace') document.execCommand('delete');
  goal.dispatchEvent(new KeyboardEvent('keyup', again));
}
