import { setClockBack } from '@/core/commands/track';
import type { TimeEntry } from '@/core/model/plan';
import { durationWords } from '@/core/time/words';
import { MINUTE } from '@/core/time/span';
import { runningEntry } from '@/core/track/entries';
import { jumpBetween, jumpSince, type Jump, type Look } from '@/core/track/seen';
import { here } from '@/state/here';
import { lastSeen } from '@/state/lastSeen';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { askWhatCounts } from './whatCounts';

/*
 * While a timer runs somebody looks at the clock, so that a clock that is set, or a computer that sleeps, neither takes
 * time away that was seen to run nor adds any unasked.
 */

type Seen = Look & { readonly entry: TimeEntry };

let last: Seen | undefined;
/** What is to be asked as soon as the page is in sight. */
let open: { readonly jump: Jump; readonly entry: TimeEntry } | undefined;
/** Whether it is being asked: until it is answered, a page that is loaded anew asks once more. */
let asking = false;

/** Looks at the clock, and sets right what it may have done to the timer. Also called before a timer is stopped. */
export function lookAtClock(): void {
  const entry = runningEntry(currentWorkspace().entries);
  const look = { clock: here().now, steady: performance.now() };
  const before = last;
  last = entry && { ...look, entry };
  if (!entry) return;
  if (!open && !asking) lastSeen.keep(look.clock);
  // an entry that has changed since was seen to by someone, in this tab or another
  if (before && before.entry.id === entry.id && before.entry.from === entry.from)
    mend(entry, jumpBetween(before, look));
}

function mend(entry: TimeEntry, jump: Jump | undefined): void {
  if (jump?.kind === 'back') goBack(entry, jump);
  if (jump?.kind === 'unseen') open = { jump, entry };
  if (open && document.visibilityState === 'visible') void askAboutUnseen(open);
}

function goBack(entry: TimeEntry, { by, seen }: Jump): void {
  const ran = durationWords((seen - entry.from) / MINUTE);
  const words = `The computer’s clock went back by ${durationWords(by / MINUTE)}. The timer keeps the ${ran} that it has run.`;
  store.run(setClockBack, { id: entry.id, by }, words);
  last = last && { ...last, entry: currentWorkspace().entries.get(entry.id) ?? entry };
}

async function askAboutUnseen({ jump, entry }: NonNullable<typeof open>): Promise<void> {
  open = undefined;
  asking = true;
  await askWhatCounts(entry, jump);
  asking = false;
  lookAtClock();
}

/** Looks at the clock each second from now on, first at what went by while no page was open. */
export function watchClock(): void {
  const entry = runningEntry(currentWorkspace().entries);
  const seen = lastSeen.at();
  if (entry && seen !== undefined && seen >= entry.from) mend(entry, jumpSince(seen, here().now));
  lookAtClock();
  setInterval(lookAtClock, 1000);
}
