import {
  calendarMultiGet,
  createAccount,
  createCalendarObject,
  deleteCalendarObject,
  fetchCalendars,
  propfind,
  syncCollection,
  updateCalendarObject,
  type DAVResponse,
} from 'tsdav';
import type { Outcome } from '@/core/outside/feed';
import type { Changes, Remote, Written } from '@/core/outside/synchronise';
import { here } from '@/state/here';
import { ask } from './ask';
import { basic, Unanswered, type Credentials } from './who';

/** A calendar that an account has. */
export type Found = {
  readonly address: string;
  readonly name: string;
  readonly holds: readonly ('events' | 'tasks')[];
};

/** A clock is taken for another one from so many ms on. */
const ANOTHER_CLOCK = 60_000;

/** What stops everything: the next request would fare the same. */
const stopsAll = (status: number) => status === 401 || status === 410 || status === 429 || status >= 500;

/**
 * The way in which an account is asked: by the server of Sprindle, as who it is. `heard` keeps what stopped it first, and the answer
 * that came last. Throws Unanswered.
 */
function asking(credentials: Credentials) {
  const heard: { stopped?: Unanswered; last?: Outcome; ahead: number } = { ahead: 0 };
  const fetch: typeof globalThis.fetch = async (input, init = {}) => {
    const address = String(input);
    const { now } = here();
    const headers = { ...Object.fromEntries(new Headers(init.headers)), authorization: basic(credentials) };
    const body = typeof init.body === 'string' ? init.body : '';
    const answer = await ask({ method: init.method ?? 'GET', address, headers, body }, now);
    heard.last = answer;
    if (answer.kind === 'refused' || stopsAll(answer.status)) {
      heard.stopped ??= new Unanswered(answer);
      throw heard.stopped;
    }
    const { status, type, etag, text, date, at } = answer;
    const ahead = (date ?? now) - now;
    heard.ahead = Math.abs(ahead) < ANOTHER_CLOCK ? 0 : ahead;
    // the server has followed it already
    if (init.redirect === 'manual' && at !== address)
      return new Response(null, { status: 307, headers: { location: at } });
    const told = { 'content-type': type, ...(etag ? { etag } : {}) };
    const isEmpty = status === 204 || status === 205 || status === 304;
    return new Response(isEmpty ? null : text, { status: Math.max(200, status), headers: told });
  };
  return { fetch, heard };
}

const asText = (value: unknown): string => {
  if (typeof value === 'object' && value !== null && '_cdata' in value) return String(value._cdata);
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
};

/** Finds the calendars of an account (RFC 6764, RFC 4791 7.1). Throws Unanswered. */
export async function calendarsOf(credentials: Credentials): Promise<Found[]> {
  const { fetch, heard } = asking(credentials);
  try {
    const account = await createAccount({
      account: { serverUrl: credentials.server, accountType: 'caldav' },
      fetch,
    });
    return (await fetchCalendars({ account, fetch })).map(({ url, displayName, components = [] }) => {
      const all = components.length === 0;
      return {
        address: url,
        name: asText(displayName) || new URL(url).pathname.split('/').findLast(Boolean) || url,
        holds: [
          ...(all || components.includes('VEVENT') ? (['events'] as const) : []),
          ...(components.includes('VTODO') ? (['tasks'] as const) : []),
        ],
      };
    });
  } catch (error) {
    const { stopped, last } = heard;
    // looking for an account goes on at other addresses after what stopped it
    if (stopped) throw stopped;
    if (error instanceof Unanswered) throw error;
    const told = last?.kind === 'answered' && last.status >= 300;
    throw new Unanswered(told ? last : { kind: 'refused', why: 'noAccount' });
  }
}

/** The last part of an address, as it is meant. */
function nameOf(href: string): string {
  const last = href.split('/').at(-1) ?? '';
  try {
    return decodeURIComponent(last);
  } catch {
    return last;
  }
}

/** What an answer says of several things; throws Unanswered for one that does not. */
function several(responses: readonly DAVResponse[]): { all: DAVResponse[]; token: string | undefined } {
  const [first] = responses;
  const raw: unknown = first?.raw;
  const status = first?.status ?? 0;
  if (typeof raw !== 'object' || raw === null || !('multistatus' in raw))
    throw new Unanswered(
      status >= 300 ? { kind: 'answered', status, retryAfter: null } : { kind: 'refused', why: 'noCalendar' },
    );
  const { multistatus } = raw;
  const isObject = typeof multistatus === 'object' && multistatus !== null;
  const token = isObject && 'syncToken' in multistatus ? asText(multistatus.syncToken) : '';
  return { all: responses.filter(({ href }) => href), token: token || undefined };
}

const writtenBy = ({ status, headers }: Response): Written => {
  if (status < 300) return { kind: 'done', etag: headers.get('etag') };
  return [404, 409, 412].includes(status) ? { kind: 'changed' } : { kind: 'refused', status };
};

/** A calendar of an account at an address (CalDAV, RFC 4791, with sync-collection, RFC 6578, where there is that). All of it throws Unanswered. */
export function remoteAt(url: string, credentials: Credentials): Remote {
  const { fetch, heard } = asking(credentials);
  const addressOf = (name: string) => new URL(encodeURIComponent(name), url);
  const versions = { 'd:getetag': {} };

  const changesIn = (responses: readonly DAVResponse[], whole: boolean): Changes => {
    const { all, token } = several(responses);
    const things = all.filter(({ href = '' }) => !href.endsWith('/'));
    const isGone = ({ status }: DAVResponse) => status === 404 || status === 410;
    const named = (response: DAVResponse) => nameOf(response.href ?? '');
    return {
      changed: new Map(
        things.filter((one) => !isGone(one)).map((one) => [named(one), asText(one.props?.getetag)]),
      ),
      gone: things.filter(isGone).map(named),
      ...{ token, whole, ahead: heard.ahead },
    };
  };
  const since = async (token: string | undefined) =>
    changesIn(
      await syncCollection({ url, props: versions, syncLevel: 1, syncToken: token ?? '', fetch }),
      token === undefined,
    );
  /** All that there is, from a server that does not tell what has changed. */
  const listed = async () => changesIn(await propfind({ url, props: versions, depth: '1', fetch }), true);
  /** Asks in one way, and in another where that is refused for what it is. */
  const or = (one: Promise<Changes>, other: () => Promise<Changes>) =>
    one.catch((error: unknown) => {
      const isRefused =
        error instanceof Unanswered && error.outcome.kind === 'answered' && error.outcome.status !== 404;
      if (isRefused && !stopsAll(error.outcome.status)) return other();
      throw error;
    });

  return {
    changes: (token) =>
      token === undefined
        ? or(since(undefined), listed)
        : or(since(token), () => or(since(undefined), listed)),
    read: async (names) => {
      const props = { ...versions, 'c:calendar-data': {} };
      const objectUrls = names.map((name) => addressOf(name).pathname);
      const { all } = several(await calendarMultiGet({ url, props, objectUrls, depth: '1', fetch }));
      return all
        .filter(({ props: told }) => told?.calendarData !== undefined)
        .map(({ href = '', props: told }) => ({
          name: nameOf(href),
          etag: asText(told?.getetag),
          text: asText(told?.calendarData),
        }));
    },
    write: async (name, text, etag) =>
      writtenBy(
        etag === null
          ? await createCalendarObject({
              calendar: { url },
              iCalString: text,
              filename: encodeURIComponent(name),
              fetch,
            })
          : await updateCalendarObject({
              calendarObject: { url: addressOf(name).href, data: text, etag },
              fetch,
            }),
      ),
    remove: async (name, etag) => {
      const answer = await deleteCalendarObject({
        calendarObject: { url: addressOf(name).href, etag },
        fetch,
      });
      return answer.status === 404 ? { kind: 'done', etag: null } : writtenBy(answer);
    },
  };
}
