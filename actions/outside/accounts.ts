import { agree, connectCalendar, leaveAccount, takeBack, takeOver } from '@/core/commands/accounts';
import type { Id } from '@/core/model/common';
import { ACCOUNT, TRACKER, type Calendar } from '@/core/model/event';
import { newShelf, type Account, type BlocksOut, type Shelf } from '@/core/outside/account';
import { inVain, unchanged, type Outcome } from '@/core/outside/feed';
import { counterpartsIn, unsent, type Sending } from '@/core/outside/items';
import type { Settled } from '@/core/outside/settling';
import { synchronise, type Local } from '@/core/outside/synchronise';
import { usualList } from '@/core/tasks/lists';
import { here } from '@/state/here';
import { changeShelf, keepAccount, outside, shelvesOf } from '@/state/outside';
import { newId, realWorkspace, store } from '@/state/workspaceStore';
import { readAllThings } from '@/workers/fileReader';
import { hueFor } from '../files/colourNames';
import { calendarsOf, remoteAt, type Found } from './dav';
import { tell } from './tell';
import { Unanswered, type Credentials } from './who';

/** What came of it, or why nothing did. */
type Finding =
  | { readonly kind: 'found'; readonly calendars: readonly Found[] }
  | { readonly kind: 'failed'; readonly outcome: Outcome };

/** Looks which calendars an account has. Nothing is taken over. */
export async function lookInto(credentials: Credentials): Promise<Finding> {
  try {
    return { kind: 'found', calendars: await calendarsOf(credentials) };
  } catch (error) {
    if (error instanceof Unanswered) return { kind: 'failed', outcome: error.outcome };
    throw error;
  }
}

const shelfOf = (calendarId: Id) => shelvesOf(outside()).find(({ shelf }) => shelf.calendarId === calendarId);

const sendingOf = ({ blocks }: Shelf): Sending => ({ blocks, ...here() });

/** How much of what was changed here waits to be sent to a calendar of an account. */
const countUnsent = (shelf: Shelf): number =>
  unsent(realWorkspace(), shelf.calendarId, sendingOf(shelf)).length;

/** Takes over what has changed there, and tells it; not what comes with connecting it. */
function take({ calendarId, heardAt }: Shelf, { taken, agreed }: Settled): void {
  const before = realWorkspace();
  const step = store.bring(takeOver, taken);
  store.note(agree, agreed);
  if (!step || heardAt === null) return;
  const events = [...taken.events.map(({ id }) => id), ...taken.gone.events];
  tell(calendarId, before, step, { events, tasks: taken.tasks.map(({ id }) => id) });
}

const localOf = (shelf: Shelf): Local => ({
  workspace: realWorkspace,
  sending: () => sendingOf(shelf),
  read: (things) => readAllThings(things, here().zone),
  take: (settled) => take(shelf, settled),
  agree: (agreed) => store.note(agree, agreed),
});

/** Brings those calendars up to date for which something was changed here since, and that are not to be left alone for now. */
export async function sendChanges(): Promise<void> {
  for (const { shelf } of shelvesOf(outside()))
    if (!shelf.trouble && countUnsent(shelf) > shelf.refused.length)
      await synchroniseCalendar(shelf.calendarId);
}

/** The calendars that are being asked at the moment: one go at a time for each. */
const underway = new Map<Id, Promise<void>>();

/**
 * Brings a calendar here and one of an account to say the same, once what is underway has ended. What fails leaves all as it is;
 * a side that has lost all or most of what it held is taken at its word only with `evenMany`.
 */
export function synchroniseCalendar(calendarId: Id, evenMany = false): Promise<void> {
  const before = underway.get(calendarId) ?? Promise.resolve();
  const going = before.then(() => bringTogether(calendarId, evenMany));
  underway.set(
    calendarId,
    going.catch(() => undefined),
  );
  return going;
}

async function bringTogether(calendarId: Id, evenMany: boolean): Promise<void> {
  // what has not been read yet is not gone
  await store.whole();
  const found = shelfOf(calendarId);
  if (!found || !realWorkspace().calendars.has(calendarId)) return;
  const { account, shelf } = found;
  const listId = realWorkspace().lists.get(shelf.listId ?? '')?.id ?? usualList(realWorkspace()).id;
  const noting = (outcome: Outcome) => changeShelf(calendarId, (one) => inVain(one, outcome, here().now));
  try {
    const place = { calendarId, listId };
    const remote = remoteAt(shelf.address, account);
    const { empty, missing, refused } = await synchronise(remote, localOf(shelf), place, evenMany);
    if (empty) return noting({ kind: 'refused', why: 'empty' });
    if (missing > 0) return noting({ kind: 'refused', why: 'lost' });
    changeShelf(calendarId, (one) => ({ ...unchanged(one, here().now), refused: [...refused] }));
  } catch (error) {
    if (!(error instanceof Unanswered)) throw error;
    noting(error.outcome);
  }
}

/** Lets what is gone here come again from its account. */
export function takeBackLost(calendarId: Id): Promise<void> {
  store.note(takeBack, { calendarId });
  return synchroniseCalendar(calendarId);
}

/** What is to be taken of an account: a calendar of it, and what it goes together with here. */
export type Choice = {
  readonly found: Found;
  /** One's own calendar that becomes the same as this one; else a new one is made. */
  readonly into?: Id | undefined;
  readonly tasks: boolean;
  readonly listId: Id | null;
  readonly blocks: BlocksOut;
};

function calendarFor({ found, into, tasks }: Choice): Calendar {
  const source = tasks ? TRACKER : ACCOUNT;
  const own = realWorkspace().calendars.get(into ?? '');
  const hue = hueFor(null, realWorkspace().calendars.size);
  return own ? { ...own, source } : { id: newId(), name: found.name, source, hue, kept: [] };
}

/** Connects calendars of an account with calendars here, and brings them to say the same for the first time. */
export async function connect(credentials: Credentials, choices: readonly Choice[]): Promise<void> {
  const shelves = choices.map((choice) => {
    const calendar = calendarFor(choice);
    const { found, tasks, listId, blocks } = choice;
    const { address, name } = found;
    store.bring(connectCalendar, { calendar });
    return newShelf({ calendarId: calendar.id, address, name, tasks, listId, blocks });
  });
  keepAccount({ id: newId(), ...credentials, shelves });
  store.say(`Connected ${shelves.map(({ name }) => name).join(', ')}`);
  for (const { calendarId } of shelves) await synchroniseCalendar(calendarId);
}

/** Connects all that an account has that is not connected yet, with blocks as time that is taken. */
export async function connectAll(credentials: Credentials): Promise<void> {
  const finding = await lookInto(credentials);
  if (finding.kind === 'failed') return;
  const known = shelvesOf(outside()).map(({ shelf }) => shelf.address);
  const choices = finding.calendars
    .filter(({ address }) => !known.includes(address))
    .map((found): Choice => {
      const tasks = !found.holds.includes('events');
      return { found, tasks, listId: null, blocks: tasks ? 'no' : 'busy' };
    });
  if (choices.length > 0) await connect(credentials, choices);
}

/** Lets another password take the place of the one that is known. */
export function changePassword(account: Account, password: string): void {
  keepAccount({ ...account, password });
  for (const { calendarId } of account.shelves) void synchroniseCalendar(calendarId);
}

/**
 * Takes a calendar out of its account. What it holds stays here as one's own, or goes; `blocksToo` takes one's blocks out of it
 * there first, as far as it can be asked. What it holds there stays there.
 */
export async function disconnect(calendarId: Id, stays: boolean, blocksToo: boolean): Promise<void> {
  const name = realWorkspace().calendars.get(calendarId)?.name ?? '';
  if (blocksToo) {
    changeShelf(calendarId, (shelf) => ({ ...shelf, blocks: 'no' }));
    await synchroniseCalendar(calendarId);
  }
  const blocksLeft = counterpartsIn(realWorkspace(), calendarId).some(({ kind }) => kind === 'block');
  changeShelf(calendarId, () => null);
  const left = stays
    ? `${name} is no longer in its account; what it held is your own now`
    : `${name} is no longer in its account, and gone from here`;
  const words = blocksToo && blocksLeft ? `${left}. Your blocks could not be taken out of it there` : left;
  store.run(leaveAccount, { calendarId, stays }, words);
}
