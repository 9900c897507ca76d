import { fieldWithKeyboard } from './dom';

/*
 * What is opened by a key stands a moment later. What is typed in that moment is meant for it: it is kept, and nothing else
 * takes it for a key of its own.
 */

/** For how long keys are kept at most (ms), should what was opened never stand; then nobody gets them. */
const PATIENCE = 30_000;

type Kept = { readonly keys: KeyboardEvent[]; stands: boolean };

let kept: Kept | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
/** The kept keys (`KeyboardEvent.code`) that are still down. */
const down = new Set<string>();

function keep(event: KeyboardEvent): void {
  // what is handed over is not kept once more; shortcuts of the browser stay its own, and what is composed is no key
  if (!kept || !event.isTrusted || event.ctrlKey || event.metaKey || event.isComposing) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  down.add(event.code);
  kept.keys.push(event);
}

/** A sheet closes when Escape comes up: what was kept as it went down is kept as it comes up, too. */
function keepUp(event: KeyboardEvent): void {
  if (event.isTrusted && down.delete(event.code)) event.stopImmediatePropagation();
}

/** Done once, before anything is drawn: who listens first is called first. */
export function watchTyped(): void {
  if (typeof window === 'undefined') return;
  window.addEventListener('keydown', keep, { capture: true });
  window.addEventListener('keyup', keepUp, { capture: true });
}

/** Whether what happens now was brought about by a key: one that acts by itself, or Enter and Space on a button. */
const isByKey = (event: Event | undefined): boolean =>
  event instanceof KeyboardEvent ||
  (event instanceof MouseEvent && event.type === 'click' && event.detail === 0);

/** From here on keys are kept for what a key has just opened. Does nothing for what was opened otherwise. */
export function keepTyped(): void {
  // deprecated, yet what says in every browser which event is being handled
  if (typeof window === 'undefined' || !isByKey(window.event)) return;
  kept = { keys: [], stands: false };
  clearTimeout(timer);
  timer = setTimeout(forgetTyped, PATIENCE);
}

/** What was opened stands: it is handed what was typed for it, in order. */
export function typedIsWanted(): void {
  if (!kept) return;
  kept.stands = true;
  clearTimeout(timer);
  // when all that it does as it opens has been done
  timer = setTimeout(handOver, 0);
}

/** What was opened is closed before it stood: what was typed for it is for nobody else. */
export function forgetTyped(): void {
  if (!kept || kept.stands) return;
  clearTimeout(timer);
  kept = null;
}

/** How often, and how long apart (ms), it is looked whether a field has got the keyboard. */
const LOOKS = 40;
const APART = 25;

function handOver(looked = 0): void {
  const opened = kept;
  const [next] = opened?.keys ?? [];
  // a slow machine gives the field the keyboard later than the panel stands
  if (next && !fieldWithKeyboard() && looked < LOOKS) {
    timer = setTimeout(() => handOver(looked + 1), APART);
    return;
  }
  if (!opened || !next) return void (kept = null);
  opened.keys.shift();
  hand(next);
  // it opened something else, which the rest is meant for
  if (kept !== opened) return void kept?.keys.push(...opened.keys);
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
