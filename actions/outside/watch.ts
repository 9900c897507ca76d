import { holdsOver, releaseHolds } from '@/core/commands/holds';
import { isDue, SOURCE, type Standing } from '@/core/outside/feed';
import { here } from '@/state/here';
import {
  changeShelf,
  followOutside,
  forgetFeed,
  inOneTab,
  inTurn,
  outside,
  shelvesOf,
  untilMailbox,
} from '@/state/outside';
import { fromAddress, session } from '@/state/session';
import { realWorkspace, store } from '@/state/workspaceStore';
import { later } from '@/ui/later';
import { examples } from './ask';
import { lookAt, refresh, subscribeTo } from './feeds';

/** How often it is looked whether a calendar is to be asked, in ms. */
const EVERY = 20_000;
/** How long after the last change here it is sent to accounts, in ms. */
const AFTER_CHANGES = 3_000;

const accounts = later(() => import('./accounts'));
const mail = later(() => import('./mail'));
const booking = later(() => import('./booking'));

/** Lets go what was held for somebody until now. */
function releaseOver(): void {
  const ids = holdsOver(realWorkspace(), here().now);
  if (ids.length > 0) store.bring(releaseHolds, { ids });
}

/** Asks for those calendars that are due, one after the other. */
async function askDue(returning = false): Promise<void> {
  const isNow = (one: Standing) => isDue(one, here().now, returning);
  for (const { calendarId } of outside().feeds.filter(isNow)) await refresh(calendarId);
  const { mailbox } = outside();
  if (mailbox) {
    const { askMailbox, sendMail } = await mail.load();
    await (isNow(mailbox) ? askMailbox() : sendMail());
  }
  if (outside().pages.some(isNow)) await (await booking.load()).askPages();
  const shelves = shelvesOf(outside()).flatMap(({ shelf }) => (isNow(shelf) ? [shelf] : []));
  if (outside().accounts.length === 0) return;
  const { synchroniseCalendar, sendChanges } = await accounts.load();
  for (const { calendarId } of shelves) await synchroniseCalendar(calendarId);
  await sendChanges();
}

/** Sends what is changed here to accounts, and by the mailbox. */
async function sendAll(): Promise<void> {
  if (outside().mailbox) await (await mail.load()).sendMail();
  if (outside().pages.length > 0) await (await booking.load()).askPages();
  if (outside().accounts.length > 0) await (await accounts.load()).sendChanges();
}

/** Has what is changed here sent once nothing more is changed for a while. Returns what ends it. */
function sendSoon(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = store.subscribe(({ workspace }, before) => {
    const { accounts: known, mailbox, pages } = outside();
    const none = known.length === 0 && pages.length === 0 && !mailbox;
    if (workspace === before.workspace || none) return;
    clearTimeout(timer);
    timer = setTimeout(() => void inOneTab(sendAll), AFTER_CHANGES);
  });
  return () => {
    clearTimeout(timer);
    stop();
  };
}

/** Forgets the addresses of calendars that are removed for good, as no step of this page brings them back. */
function forgetRemoved(): void {
  for (const { calendarId } of outside().feeds)
    if (!realWorkspace().calendars.has(calendarId)) forgetFeed(calendarId);
  for (const { shelf } of shelvesOf(outside()))
    if (!realWorkspace().calendars.has(shelf.calendarId)) changeShelf(shelf.calendarId, () => null);
}

/** Sets up what the simulated services have, once, where the address of the demo office asks for it (`&standins=yes`). */
async function tryStandins(): Promise<void> {
  const asked = session.space === 'demo' && fromAddress('standins') === 'yes';
  if (!asked || outside().feeds.length > 0 || outside().news.length > 0) return;
  const found = await examples();
  if (!found) return;
  for (const { name, address, around } of found.calendars) {
    const known = realWorkspace().calendars.values();
    if (known.some((calendar) => calendar.name === name && calendar.source === SOURCE)) continue;
    const look = await lookAt(address);
    if (look.kind === 'read') subscribeTo(look, { name, around });
  }
  await (await accounts.load()).connectAll(found.account);
  const { connectMailbox, lookIntoMailbox } = await mail.load();
  const looked = await lookIntoMailbox(found.mailbox);
  if (looked.kind === 'found') await connectMailbox(found.mailbox, looked.own);
}

/** How long a mailbox is left alone that does not tell of changes, and one that tells of some at once, in ms. */
const UNTOLD = 60_000;
const TOLD = 2_000;

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

/** Hears from the mailbox when something new has come, in one tab; until `isOver`. */
const hearMail = (isOver: () => boolean): Promise<void> =>
  inTurn('listening', async () => {
    while (!isOver()) {
      await untilMailbox();
      const { hasChanged, askMailbox } = await mail.load();
      // what comes between a look and listening would be missed
      const telling = hasChanged();
      await askMailbox();
      await wait((await telling) ? TOLD : UNTOLD);
    }
  });

/** Asks for what is subscribed to from now on: as often as it is to be asked, and when the person comes back. Returns what ends it. */
export function watchOutside(): () => void {
  const look = (returning = false) =>
    void inOneTab(() => {
      releaseOver();
      return askDue(returning);
    });
  const returned = () => {
    if (document.visibilityState === 'visible') look(true);
  };
  const online = () => look(true);
  void store.whole().then(async () => {
    forgetRemoved();
    await inOneTab(tryStandins);
    look(true);
  });
  let isOver = false;
  void store.whole().then(() => hearMail(() => isOver));
  const timer = setInterval(() => look(), EVERY);
  document.addEventListener('visibilitychange', returned);
  addEventListener('online', online);
  const unfollow = followOutside();
  const stopSending = sendSoon();
  return () => {
    isOver = true;
    clearInterval(timer);
    document.removeEventListener('visibilitychange', returned);
    removeEventListener('online', online);
    unfollow();
    stopSending();
  };
}
