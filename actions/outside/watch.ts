import { holdsOver, releaseHolds } from '@/core/commands/holds';
import { isDue, SOURCE } from '@/core/outside/feed';
import { here } from '@/state/here';
import { followOutside, forgetFeed, inOneTab, outside } from '@/state/outside';
import { fromAddress, session } from '@/state/session';
import { realWorkspace, store } from '@/state/workspaceStore';
import { examples } from './ask';
import { lookAt, refresh, subscribeTo } from './feeds';

/** How often it is looked whether a calendar is to be asked, in ms. */
const EVERY = 20_000;

/** Lets go what was held for somebody until now. */
function releaseOver(): void {
  const ids = holdsOver(realWorkspace(), here().now);
  if (ids.length > 0) store.bring(releaseHolds, { ids });
}

/** Asks for those calendars that are due, one after the other. */
async function askDue(returning = false): Promise<void> {
  const due = outside().feeds.filter((feed) => isDue(feed, here().now, returning));
  for (const { calendarId } of due) await refresh(calendarId);
}

/** Forgets the addresses of calendars that are removed for good, as no step of this page brings them back. */
function forgetRemoved(): void {
  for (const { calendarId } of outside().feeds)
    if (!realWorkspace().calendars.has(calendarId)) forgetFeed(calendarId);
}

/** Sets up what the simulated services have, once, where the address of the demo office asks for it (`&standins=yes`). */
async function tryStandins(): Promise<void> {
  const asked = session.space === 'demo' && fromAddress('standins') === 'yes';
  if (!asked || outside().feeds.length > 0 || outside().news.length > 0) return;
  for (const { name, address, around } of await examples()) {
    const known = realWorkspace().calendars.values();
    if (known.some((calendar) => calendar.name === name && calendar.source === SOURCE)) continue;
    const found = await lookAt(address);
    if (found.kind === 'read') subscribeTo(found, { name, around });
  }
}

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
  const timer = setInterval(() => look(), EVERY);
  document.addEventListener('visibilitychange', returned);
  addEventListener('online', online);
  const unfollow = followOutside();
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', returned);
    removeEventListener('online', online);
    unfollow();
  };
}
