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
  // what is handed over is not kept once more; shortcuts of the browser stay its own, and what is composed is no key
  if (!event.isTrusted || event.ctrlKey || event.metaKey || event.isComposing) return;
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

/** How often, and how long apart (ms), it is looked whether a field has got the keyboard. */
const LOOKS = 8;
const APART = 25;

function handOver(looked = 0): void {
  const queue = kept ?? [];
  const [next] = queue;
  // a slow machine gives the field the keyboard later than the panel stands
  if (next && !fieldWithKeyboard() && looked < LOOKS) {
    timer = setTimeout(() => handOver(looked + 1), APART);
    return;
  }
  if (!next) {
    kept = null;
    window.removeEventListener('keydown', keep, { capture: true });
    return;
  }
  queue.shift();
  hand(next);
  // it opened something else, which the rest is meant for
  if (kept !== queue) return void kept?.push(...queue);
  // one at a time, as Enter is about what the keys before it have written
  timer = setTimeout(() => handOver(LOOKS), 0);
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
