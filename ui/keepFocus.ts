/** What the keyboard was on, and what stood around it, in their order. */
type Place = {
  readonly element: HTMLElement;
  readonly id: string;
  readonly label: string;
  readonly after: readonly HTMLElement[];
  readonly before: readonly HTMLElement[];
  readonly inMain: boolean;
};

/** For how long what the keyboard goes to is waited for (ms). */
const PATIENCE = 5000;

/** So many neighbours are remembered on each side. */
const NEAR = 60;

const focusable = 'a[href], button, input, textarea, [tabindex="0"]';

/** What labels of a kind begin with: `Done` of “Done: Order waders”. */
const kindOf = (element: HTMLElement) =>
  (element.getAttribute('aria-label') ?? '').split(/[:,]| (?=[A-Z])/)[0] ?? '';

function placeOf(element: HTMLElement): Place | undefined {
  const around = element.closest('[role=dialog], [role=complementary], [role=main]');
  if (!around) return undefined;
  const all = [...around.querySelectorAll<HTMLElement>(focusable)];
  const here = all.indexOf(element);
  return {
    element,
    id: element.id,
    label: kindOf(element),
    after: all.slice(here + 1, here + 1 + NEAR),
    before: all.slice(Math.max(0, here - NEAR), here).reverse(),
    inMain: around.matches('[role=main]'),
  };
}

/** Where the keyboard goes from a place that is no more: to the thing itself, to its like, to the next, to the heading. */
function goalFrom({ id, label, after, before, inMain }: Place): HTMLElement | null | undefined {
  const itself = id ? document.getElementById(id) : null;
  if (itself) return itself;
  const [next, previous] = [after, before].map((list) => list.filter(({ isConnected }) => isConnected));
  const like = [...(next ?? []), ...(previous ?? [])].find(
    (element) => label !== '' && kindOf(element) === label,
  );
  const near = like ?? next?.[0] ?? previous?.[0];
  // what was opened over the screen gives the keyboard back itself when it closes
  return near ?? (inMain ? document.querySelector<HTMLElement>('[role=main] h1') : null);
}

/**
 * Keeps the keyboard from falling back to the page when what it is on goes away: a task that is ticked off, a block that
 * is moved to another day. Returns what ends it.
 */
export function keepFocus(): () => void {
  let last: Place | undefined;
  /** What it is on, be it within a place or outside, as a notice is. */
  let latest: HTMLElement | undefined;
  /** Since when it is lost: what it is to go to may have to be drawn first. */
  let since: number | undefined;
  const remember = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement)) return;
    // a browser brings no more into sight than the line with the caret
    if (target.matches('textarea')) target.scrollIntoView({ block: 'nearest' });
    latest = target;
    since = undefined;
    last = placeOf(target) ?? last;
  };
  const look = () => {
    const lost = document.activeElement === null || document.activeElement === document.body;
    if (!lost || !latest || latest.isConnected || !last) return;
    since ??= performance.now();
    if (performance.now() - since > PATIENCE) return;
    const goal = last.element.isConnected ? last.element : goalFrom(last);
    if (!goal) return;
    if (!goal.matches(focusable)) goal.tabIndex = -1;
    goal.focus({ preventScroll: goal.tabIndex === -1 });
  };
  const watch = new MutationObserver(look);
  document.addEventListener('focusin', remember);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', remember);
    watch.disconnect();
  };
}
