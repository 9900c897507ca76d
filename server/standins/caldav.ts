import ICAL from 'ical.js';
import { Hono, type Context } from 'hono';
import { basicAuth } from 'hono/basic-auth';
import type { Collection, Resource } from './collection';
import { element, partNamed, readXml, xmlDocument, xmlText, type Sent } from './xml';

/** Who has an account in the town. */
export const account = { username: 'petra', password: 'weir' };

/** What it understands (RFC 4918 10.1, RFC 4791 5.1). */
const DAV = '1, 3, calendar-access';
const ALLOW = 'OPTIONS, GET, PUT, DELETE, PROPFIND, REPORT';
const TOKEN = 'urn:town:sync:';

const PRINCIPAL = `/dav/principals/${account.username}/`;
const HOME = `/dav/calendars/${account.username}/`;

/** A calendar of an account, and the kinds of things that it takes. */
export type Shelf = {
  readonly collection: Collection;
  readonly takes: readonly ('VEVENT' | 'VTODO')[];
  /** Whether it says that it holds nothing, whatever it holds. */
  readonly isEmpty?: () => boolean;
};

type Properties = Readonly<Record<string, string>>;

const href = (path: string) => element('d:href', xmlText(path));

/** What is known of something, split into what was asked for and is there, and what is not (RFC 4918 9.1). */
function response(path: string, known: Properties, wanted: readonly string[] | null): string {
  const all = new Map(
    Object.entries(known).map(([full, content]) => [full.slice(2), element(full, content)]),
  );
  const names = wanted ?? [...all.keys()];
  const propstat = (content: string, status: string) =>
    content === ''
      ? ''
      : element('d:propstat', element('d:prop', content) + element('d:status', `HTTP/1.1 ${status}`));
  const there = names.map((name) => all.get(name) ?? '').join('');
  const missing = names.flatMap((name) => (all.has(name) ? [] : [element(`d:${name}`)])).join('');
  const none = names.length === 0 ? element('d:status', 'HTTP/1.1 200 OK') : '';
  return element(
    'd:response',
    href(path) + propstat(there, '200 OK') + propstat(missing, '404 Not Found') + none,
  );
}

const gone = (path: string) =>
  element('d:response', href(path) + element('d:status', 'HTTP/1.1 404 Not Found'));

const ofResource = ({ text, etag }: Resource): Properties => ({
  'd:getetag': xmlText(etag),
  'd:getcontenttype': 'text/calendar; charset=utf-8',
  'c:calendar-data': xmlText(text),
});

const tokenOf = ({ version }: Collection) => `${TOKEN}${version()}`;

const ofShelf = ({ collection, takes }: Shelf): Properties => ({
  'd:displayname': xmlText(collection.name),
  'd:resourcetype': element('d:collection') + element('c:calendar'),
  'd:sync-token': tokenOf(collection),
  'c:supported-calendar-component-set': takes.map((kind) => `<c:comp name="${kind}"/>`).join(''),
});

/** The names of the properties that are asked for; null for all. */
const wantedIn = (asked: Sent | undefined): string[] | null => {
  const prop = asked && partNamed(asked, 'prop');
  return prop ? prop.parts.map(({ name }) => name) : null;
};

/** Why a text cannot lie on a shelf, as the precondition that it breaks (RFC 4791 5.3.2.1); undefined where it can. */
function brokenBy(text: string, { takes }: Shelf): string | undefined {
  try {
    const parts = ICAL.Component.fromString(text)
      .getAllSubcomponents()
      .filter(({ name }) => name !== 'vtimezone');
    const kinds = new Set(parts.map(({ name }) => name.toUpperCase()));
    const uids = new Set(parts.map((part) => String(part.getFirstPropertyValue('uid') ?? '')));
    if (kinds.size !== 1 || uids.size !== 1 || uids.has('')) return 'valid-calendar-object-resource';
    return takes.some((kind) => kinds.has(kind)) ? undefined : 'supported-calendar-component';
  } catch {
    return 'valid-calendar-data';
  }
}

const broken = (c: Context, precondition: string, prefix = 'c') =>
  c.body(xmlDocument('d:error', element(`${prefix}:${precondition}`)), 403, XML);

const XML = { 'content-type': 'application/xml; charset=utf-8' };
const multistatus = (c: Context, content: string) => c.body(xmlDocument('d:multistatus', content), 207, XML);

/**
 * Calendars and tasks of an account (CalDAV, RFC 4791) with what has changed since a token (RFC 6578): finding them, reading,
 * writing under a condition, removing. `shelves` are its calendars by the last part of their address.
 */
export function caldav(shelves: ReadonlyMap<string, Shelf>) {
  const app = new Hono();
  app.use('/dav/*', basicAuth(account));
  app.on('OPTIONS', '/dav/*', (c) => c.body(null, 200, { DAV, Allow: ALLOW }));
  const shelfOf = (c: Context) => shelves.get(c.req.param('calendar') ?? '');
  const thingOf = (c: Context) => c.req.param('thing') ?? '';
  const asked = async (c: Context) => readXml(await c.req.text());

  app.on('PROPFIND', ['/dav/', PRINCIPAL], async (c) => {
    const known = {
      'd:current-user-principal': href(PRINCIPAL),
      'c:calendar-home-set': href(HOME),
      'd:resourcetype': element('d:collection'),
    };
    return multistatus(c, response(c.req.path, known, wantedIn(await asked(c))));
  });
  app.on('PROPFIND', HOME, async (c) => {
    const wanted = wantedIn(await asked(c));
    const own = response(HOME, { 'd:resourcetype': element('d:collection') }, wanted);
    const each = [...shelves].map(([name, shelf]) => response(`${HOME}${name}/`, ofShelf(shelf), wanted));
    return multistatus(c, [own, ...(c.req.header('depth') === '0' ? [] : each)].join(''));
  });
  app.on('PROPFIND', `${HOME}:calendar/`, async (c) => {
    const shelf = shelfOf(c);
    if (!shelf) return c.text('There is no such calendar.', 404);
    const wanted = wantedIn(await asked(c));
    const things = [...shelf.collection.all()].map(([name, one]) =>
      response(`${c.req.path}${name}`, ofResource(one), wanted),
    );
    const own = response(c.req.path, ofShelf(shelf), wanted);
    return multistatus(c, [own, ...(c.req.header('depth') === '1' ? things : [])].join(''));
  });
  app.on('REPORT', `${HOME}:calendar/`, async (c) => {
    const shelf = shelfOf(c);
    const report = await asked(c);
    if (!shelf || !report) return c.text('There is no such calendar.', 404);
    const { collection } = shelf;
    const wanted = wantedIn(report);
    const one = (name: string) => {
      const resource = collection.get(name);
      const path = `${c.req.path}${name}`;
      return resource ? response(path, ofResource(resource), wanted) : gone(path);
    };
    if (report.name === 'calendar-multiget') {
      const names = report.parts.filter(({ name }) => name === 'href').map(({ text }) => lastOf(text));
      return multistatus(c, names.map(one).join(''));
    }
    if (report.name === 'calendar-query')
      return multistatus(c, [...collection.all().keys()].map(one).join(''));
    if (report.name !== 'sync-collection') return broken(c, 'supported-report', 'd');
    const token = partNamed(report, 'sync-token')?.text ?? '';
    if (shelf.isEmpty?.())
      return token === ''
        ? multistatus(c, element('d:sync-token', tokenOf(collection)))
        : broken(c, 'valid-sync-token', 'd');
    const since = token === '' ? 0 : Number(token.startsWith(TOKEN) ? token.slice(TOKEN.length) : NaN);
    if (!(since >= 0 && since <= collection.version())) return broken(c, 'valid-sync-token', 'd');
    const names = collection.changedSince(since).filter((name) => since > 0 || collection.get(name));
    return multistatus(c, names.map(one).join('') + element('d:sync-token', tokenOf(collection)));
  });

  app.get(`${HOME}:calendar/:thing`, (c) => {
    const resource = shelfOf(c)?.collection.get(thingOf(c));
    if (!resource) return c.text('There is no such thing.', 404);
    return c.body(resource.text, 200, {
      ETag: resource.etag,
      'content-type': 'text/calendar; charset=utf-8',
    });
  });
  app.put(`${HOME}:calendar/:thing`, async (c) => {
    const shelf = shelfOf(c);
    if (!shelf) return c.text('There is no such calendar.', 404);
    const before = shelf.collection.get(thingOf(c));
    if (!isAsExpected(c, before)) return c.text('It is another version.', 412);
    const text = await c.req.text();
    const precondition = brokenBy(text, shelf);
    if (precondition) return broken(c, precondition);
    const { etag } = shelf.collection.put(thingOf(c), text);
    return c.body(null, before ? 204 : 201, { ETag: etag });
  });
  app.delete(`${HOME}:calendar/:thing`, (c) => {
    const collection = shelfOf(c)?.collection;
    const before = collection?.get(thingOf(c));
    if (!collection || !before) return c.text('There is no such thing.', 404);
    if (!isAsExpected(c, before)) return c.text('It is another version.', 412);
    collection.remove(thingOf(c));
    return c.body(null, 204);
  });
  return app;
}

const lastOf = (path: string) => decodeURIComponent(path.split('/').at(-1) ?? '');

/** Whether what is there is the version that the request is about (RFC 9110 13.1.1, 13.1.2). */
function isAsExpected(c: Context, before: Resource | undefined): boolean {
  const match = c.req.header('if-match');
  const none = c.req.header('if-none-match');
  if (match !== undefined && (match === '*' ? !before : match !== before?.etag)) return false;
  return none === undefined || (none === '*' ? !before : none !== before?.etag);
}
