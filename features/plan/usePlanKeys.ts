import { useEffect, useLayoutEffect } from 'react';
import { isTaken, keyOf, keys } from '@/board/keyTable';
import { views } from '@/core/plan/views';
import { useDrag } from '@/board/drag/dragStore';
import { cardId } from '@/board/drag/drop';
import { useEscapeFromPane } from '@/ui/DetailsPane';
import { isCovered, openPanel, usePanels, type Opened } from '@/ui/panels';
import type { PlanView } from '@/board/days/useView';
import { blocksIn } from '@/core/tasks/places';
import { dateOf, dayOf } from '@/core/time/zone';
import { runningTask } from '@/core/track/entries';
import { nowView } from '@/core/review/nowView';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import { toggleZones } from '@/actions/zones';
import { addNew } from './addNew';

/** Brings the keyboard to the next thing of the plan that can be moved, or to the one before. */
function goToItem(direction: 1 | -1): void {
  const all = [...document.querySelectorAll<HTMLElement>('[role=main] [aria-roledescription][tabindex="0"]')];
  const waits = (item: HTMLElement) => item.closest('[aria-label="Tasks to place"]') !== null;
  const items = [...all.filter(waits), ...all.filter((item) => !waits(item))];
  const here = items.findIndex((item) => item === document.activeElement);
  const next = here === -1 ? (direction === 1 ? 0 : items.length - 1) : here + direction;
  items[(next + items.length) % items.length]?.focus();
}

/** Brings the keyboard to what runs, what is on at this moment, or what comes next; to none where it is not drawn. */
function goToNow(): void {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const { current, next } = nowView(workspace, zone, now);
  const running = runningTask(workspace.entries);
  const runs = blocksIn(workspace, dayOf(dateOf(now, zone), zone), zone).filter(
    ({ taskId }) => taskId === running,
  );
  const things = [...current, ...(next ? [next] : [])].map((item) =>
    item.kind === 'block' ? item.block : item.event,
  );
  for (const { id } of [...runs, ...things]) {
    const card = document.getElementById(cardId(id));
    if (card) return card.focus();
  }
}

const PANE = '[role=complementary]';
const FIELDS = 'input, textarea, button, [tabindex="0"]';

/** What had the keyboard before it went into the details. */
let before: HTMLElement | null = null;

/** Brings the keyboard into the details beside the plan, to their first field; from there back to where it was. */
function intoDetailsAndBack(): void {
  const pane = document.querySelector<HTMLElement>(PANE);
  const { activeElement } = document;
  if (!pane) return;
  if (pane.contains(activeElement)) {
    if (before?.isConnected) before.focus();
    return;
  }
  before = activeElement instanceof HTMLElement ? activeElement : null;
  const all = [...pane.querySelectorAll<HTMLElement>(FIELDS)];
  // the way to close it comes first, and is not what one goes there for
  (all.find((field) => field.matches('input, textarea')) ?? all[1] ?? all[0])?.focus();
}

/** Whether a card's details are what is shown already, so that Enter once more goes into them. */
function isShown(target: EventTarget | null): boolean {
  const { shown } = usePanels.getState();
  if (!(target instanceof HTMLElement) || !shown) return false;
  const id = shown.kind === 'task' ? shown.blockId : shown.kind === 'meeting' ? shown.meeting.id : undefined;
  return id !== undefined && document.getElementById(cardId(id))?.contains(target) === true;
}

/** Whether something lies over the plan or is held, so that the keys belong to it. */
const isBusy = () => useDrag.getState().dragged !== null || isCovered();

/** After the details of a block it has the keyboard again. */
function backToBlock(shown: Opened): void {
  if (shown.kind === 'task' && shown.blockId) document.getElementById(cardId(shown.blockId))?.focus();
}

/**
 * The keys of the plan, as the table of keys has them; Escape closes the details. While something is held, or typed, the
 * keys belong to that.
 */
export function usePlanKeys({ date, today, onDate, onTurn, onView }: PlanView, fit: number): void {
  // as soon as the plan is seen: later effects wait until everything beside it is drawn
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      const choosing = target instanceof HTMLElement && target.closest('[role=radiogroup]') !== null;
      if (choosing || isBusy() || isTaken(event)) return;
      const {
        earlier,
        later,
        today: home,
        next,
        previous,
        zones,
        inSight,
        fits,
        details,
        new: add,
      } = keys.inThePlan;
      const key = keyOf(event);
      const asked = event.shiftKey && /^Digit\d$/.test(event.code) && views[Number(event.code.slice(5)) - 1];
      if (asked) onView(asked);
      else if (key === earlier) onTurn(-1, fit);
      else if (key === later) onTurn(1, fit);
      else if (key === home) {
        // also while another day is on its way
        onDate(today);
        if (date === today) goToNow();
      } else if (key === inSight) openPanel({ kind: 'lens' });
      else if (key === fits) openPanel({ kind: 'feasible' });
      else if (key === next) goToItem(1);
      else if (key === previous) goToItem(-1);
      else if (key === details) intoDetailsAndBack();
      else if (key === zones) toggleZones();
      else if (key === add) addNew(date);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [date, today, onDate, onTurn, onView, fit]);
  useEffect(() => {
    const onEnter = (event: KeyboardEvent) => {
      if (event.key !== 'Enter' || isBusy() || isTaken(event) || !isShown(event.target)) return;
      event.preventDefault();
      event.stopPropagation();
      intoDetailsAndBack();
    };
    // on its way down, as a card keeps its keys to itself
    window.addEventListener('keydown', onEnter, { capture: true });
    return () => window.removeEventListener('keydown', onEnter, { capture: true });
  }, []);
  useEscapeFromPane(isBusy, backToBlock);
}
