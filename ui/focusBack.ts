import { useEffect, useState } from 'react';

/** What the keyboard goes back to: an element, and how it is found where it was drawn anew, by its name or its words. */
type Goal = { readonly element: Element | null; readonly selector: string | null; readonly words?: string };

/** What was pressed on the screen itself to open what is open now, while one panel takes the place of another. */
let onScreen: Goal | undefined;
/** What the next panel is about, where that is not what had the keyboard when it was opened. */
let about: Goal | undefined;

/** For how long what is to have the keyboard is waited for (ms). */
const PATIENCE = 20_000;

const isWithin = ({ element }: Goal) => element?.closest('[role=dialog], [role=complementary]') != null;

/** Whether nothing has the keyboard, or only what is about to go. */
const isFree = () => document.activeElement === document.body || !document.activeElement?.isConnected;

function goalOf(element: Element | null): Goal {
  const [id, label] = [element?.id, element?.getAttribute('aria-label')];
  if (id) return { element, selector: `#${CSS.escape(id)}` };
  if (label) return { element, selector: `[aria-label="${CSS.escape(label)}"]` };
  return { element, selector: null, words: element?.textContent ?? '' };
}

/** A goal as it is drawn now. */
function drawn({ element, selector, words }: Goal): Element | null | undefined {
  if (element?.isConnected) return element;
  if (selector) return document.querySelector(selector);
  return words
    ? [...document.querySelectorAll('[role=button]')].find(({ textContent }) => textContent === words)
    : undefined;
}

/** Gives the keyboard to the first goal that can have it; false when none can. */
function giveTo(goals: readonly Goal[]): boolean {
  for (const goal of goals) {
    const there = drawn(goal);
    if (!(there instanceof HTMLElement) || there === document.body || there.closest('[inert]')) continue;
    there.focus();
    return true;
  }
  return false;
}

/** Gives the keyboard to the first goal that is drawn, now or soon, unless something else has it by then. */
function giveSoon(goals: readonly Goal[]): void {
  const end = performance.now() + PATIENCE;
  const isDone = () =>
    performance.now() > end ||
    !(isFree() || document.activeElement?.closest('[role=dialog]')) ||
    (isFree() && giveTo(goals));
  if (isDone()) return;
  const watch = new MutationObserver(() => {
    if (isDone()) watch.disconnect();
  });
  watch.observe(document.body, { childList: true, subtree: true });
}

/**
 * Gives the keyboard to a thing as soon as it is drawn; what is opened about it, over it or beside it, gives it back to the
 * thing. `id` is that of its card.
 */
export function goToThing(id: string): void {
  about = { element: null, selector: `#${CSS.escape(id)}` };
  giveSoon([about]);
}

/**
 * Gives the keyboard back to what had it before this opened, unless something else has it by then. Returns whether it was
 * opened from what it takes the place of.
 */
export function useFocusBack(): boolean {
  // before anything within takes it
  const [openers] = useState((): Goal[] => {
    const opener = about ?? goalOf(document.activeElement);
    if (!isWithin(opener)) onScreen = opener;
    return onScreen ? [opener, onScreen] : [opener];
  });
  useEffect(() => {
    // not while it is drawn: a drawing may be thrown away and begun again
    about = undefined;
  }, []);
  useEffect(
    () => () => {
      setTimeout(() => giveSoon(openers), 0);
    },
    [openers],
  );
  return openers[0] !== undefined && isWithin(openers[0]);
}
