import { kept } from '../kept';
import { askToLast, isLasting, roomLeft } from '../lasting';
import { session } from '../session';
import type { WorkspaceStore } from '../store';
import type { TwoHomes } from './twoHomes';

/** How many records of a person's own work are worth a question. */
const WORTH_KEEPING = 10;
/** With less room than this (bytes), or than three times what is kept, it is scarce. */
const SCARCE = 20_000_000;
/** Milliseconds after which what is stored comes into its second home: first the person has a look. */
const SETTLE_AFTER = 3000;

const asked = kept('sprindle.askedToLast');

/** Offers, once, to have the browser keep what is stored, when a person's own space has come to hold something. */
function offerToLast(store: WorkspaceStore): void {
  if (asked.get() !== null) return;
  const stop = store.subscribe(({ workspace }) => {
    if (workspace.tasks.size + workspace.blocks.size + workspace.entries.size < WORTH_KEEPING) return;
    stop();
    void isLasting().then((lasting) => {
      if (lasting !== false) return;
      asked.set('yes');
      store.say(
        'Your work lies in this browser only, which may clear it when the device runs short of room.',
      );
      store.offer({ label: 'Ask it to keep it', press: () => void ask(store) });
    });
  });
}

async function ask(store: WorkspaceStore): Promise<void> {
  const lasting = await askToLast();
  store.say(
    lasting
      ? 'The browser has promised to keep it.'
      : 'The browser did not promise it. Export everything now and then, under Settings.',
  );
}

/** Says that room is scarce while everything can still be saved. */
async function sayWhatIsScarce(store: WorkspaceStore, needed: number): Promise<void> {
  const left = await roomLeft();
  if (left === null || left > Math.max(SCARCE, 3 * needed)) return;
  store.say(
    `This browser lets Sprindle store only ${Math.floor(left / 1_000_000)} MB more. Make room on the device soon, and export everything under Settings.`,
    'problem',
  );
}

/** Fills the second home once everything is there and the person has had a look, and keeps an eye on the room that is left. */
export function careForRoom(store: WorkspaceStore, homes: TwoHomes | undefined): void {
  if (session.space === 'own') offerToLast(store);
  const settle = async () => {
    let needed = 0;
    await homes?.settle(async (length) => {
      needed = length;
      return ((await roomLeft()) ?? 0) > SCARCE + 3 * length;
    });
    await sayWhatIsScarce(store, needed);
  };
  void store.whole().then(() => setTimeout(() => void settle().catch(() => undefined), SETTLE_AFTER));
}
