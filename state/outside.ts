import { create } from 'zustand';
import { Accounts, type Account, type Shelf } from '@/core/outside/account';
import { OwnPage } from '@/core/outside/bookingPage';
import { Feeds, type Feed } from '@/core/outside/feed';
import { Mailbox } from '@/core/outside/mailbox';
import { News } from '@/core/outside/news';
import * as z from '@/core/zod';
import { kept } from './kept';
import { session } from './session';

/*
 * What this device asks of outside services, one for all tabs of a space. It is no part of the person's data and goes into no
 * export: an address may be a secret that lets anybody in who has it.
 */

const NAME = `sprindle.${session.space}.outside`;
const record = kept(NAME);
/** What has changed outside is kept of so many looks. */
const MOST_NEWS = 20;

const Outside = z.object({
  feeds: Feeds,
  /** The accounts whose calendars are kept equal with those here; missing in what an older version kept. */
  accounts: z._default(Accounts, []),
  /** The mailbox that is asked, if one is. */
  mailbox: z._default(z.nullable(Mailbox), null),
  /** The pages from which others book times. */
  pages: z._default(z.array(OwnPage), []),
  /** What changed, the latest last. */
  news: z.array(News),
  /** The last of the news that was looked at, or put away. */
  seen: z.nullable(z.string()),
});
type Outside = z.infer<typeof Outside>;

const nothing: Outside = { feeds: [], accounts: [], mailbox: null, pages: [], news: [], seen: null };

const parsed = (text: string | null): Outside | undefined => {
  try {
    return Outside.safeParse(JSON.parse(text ?? '')).data;
  } catch {
    return undefined;
  }
};

/** What is asked outside, for what is drawn. */
export const useOutside = create<Outside>(() => parsed(record.get()) ?? nothing);

export const outside = (): Outside => useOutside.getState();

function keep(changes: Partial<Outside>): void {
  useOutside.setState(changes);
  record.set(JSON.stringify(outside()));
}

/** Changes what is known of one feed, if it is still there. */
export const changeFeed = (calendarId: string, change: (feed: Feed) => Feed): void =>
  keep({ feeds: outside().feeds.map((feed) => (feed.calendarId === calendarId ? change(feed) : feed)) });

export const addFeed = (feed: Feed): void =>
  keep({ feeds: [...outside().feeds.filter(({ calendarId }) => calendarId !== feed.calendarId), feed] });

/** Forgets the address of a calendar, and all that is known of it. */
export const forgetFeed = (calendarId: string): void =>
  keep({ feeds: outside().feeds.filter((feed) => feed.calendarId !== calendarId) });

export const keepAccount = (account: Account): void =>
  keep({ accounts: [...outside().accounts.filter(({ id }) => id !== account.id), account] });

/** Changes what is known of one calendar of an account, if it is still there; null forgets it, and the account with the last. */
export const changeShelf = (calendarId: string, change: (shelf: Shelf) => Shelf | null): void =>
  keep({
    accounts: outside()
      .accounts.map((account) => ({
        ...account,
        shelves: account.shelves.flatMap((shelf) =>
          shelf.calendarId === calendarId ? (change(shelf) ?? []) : [shelf],
        ),
      }))
      .filter(({ shelves }) => shelves.length > 0),
  });

/** The calendars of accounts, each with its account. */
export const shelvesOf = ({ accounts }: Pick<Outside, 'accounts'>) =>
  accounts.flatMap((account) => account.shelves.map((shelf) => ({ account, shelf })));

export const keepMailbox = (mailbox: Mailbox | null): void => keep({ mailbox });

/** Changes what is known of the mailbox, if there still is one. */
export function changeMailbox(change: (mailbox: Mailbox) => Mailbox): void {
  const { mailbox } = outside();
  if (mailbox) keep({ mailbox: change(mailbox) });
}

export const keepPage = (page: OwnPage): void => keep({ pages: [...outside().pages, page] });

/** Changes what is known of a page, if it is still there; null forgets it. */
export const changePage = (token: string, change: (page: OwnPage) => OwnPage | null): void =>
  keep({ pages: outside().pages.flatMap((page) => (page.token === token ? (change(page) ?? []) : [page])) });

/** Resolves once there is a mailbox that answers. */
export const untilMailbox = (): Promise<void> =>
  new Promise((done) => {
    const answers = ({ mailbox }: Outside) => mailbox !== null && mailbox.trouble === null;
    if (answers(outside())) return done();
    const stop = useOutside.subscribe((now) => {
      if (!answers(now)) return;
      stop();
      done();
    });
  });

export const forgetOutside = (): void => {
  useOutside.setState(nothing);
  record.forget();
};

export const addNews = (news: News): void => keep({ news: [...outside().news, news].slice(-MOST_NEWS) });

/** Notes that all news so far have been looked at. */
export const sawNews = (): void => keep({ seen: outside().news.at(-1)?.id ?? null });

/** The news that nobody has looked at yet, the latest last. */
export const unseen = ({ news, seen }: Pick<Outside, 'news' | 'seen'>): readonly News[] =>
  news.slice(news.findIndex(({ id }) => id === seen) + 1);

/** Does something in one tab at a time; nothing in those that come too late. */
export async function inOneTab(act: () => Promise<void>): Promise<void> {
  if (!('locks' in navigator)) return act();
  await navigator.locks.request(NAME, { ifAvailable: true }, (lock) => (lock ? act() : undefined));
}

/** Does something in one tab after the other: a tab that comes while another is at it waits for its turn. */
export async function inTurn(what: string, act: () => Promise<void>): Promise<void> {
  if (!('locks' in navigator)) return act();
  await navigator.locks.request(`${NAME}.${what}`, act);
}

/** Follows what other tabs ask and hear. Returns what ends it. */
export function followOutside(): () => void {
  const follow = ({ key, newValue }: StorageEvent) => {
    if (key === NAME) useOutside.setState(parsed(newValue) ?? nothing);
  };
  addEventListener('storage', follow);
  return () => removeEventListener('storage', follow);
}
