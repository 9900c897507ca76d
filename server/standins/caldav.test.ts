import { account, caldav } from './caldav';
import { collection } from './collection';
import { partNamed, readXml, type Sent } from './xml';

const HOME = '/dav/calendars/petra/';
const authorization = `Basic ${btoa(`${account.username}:${account.password}`)}`;

function opened() {
  const tasks = collection('Tracker & co', () => 0);
  const app = caldav(new Map([['tracker', { collection: tasks, takes: ['VTODO'] as const }]]));
  const ask = (method: string, path: string, body = '', headers: Record<string, string> = {}) =>
    app.request(`http://town${path}`, {
      method,
      headers: { authorization, ...headers },
      ...(body ? { body } : {}),
    });
  return { tasks, ask };
}

const todo = (uid: string, title = uid) =>
  ['BEGIN:VCALENDAR', 'BEGIN:VTODO', `UID:${uid}`, `SUMMARY:${title}`, 'END:VTODO', 'END:VCALENDAR', ''].join(
    '\r\n',
  );

const all = (within: Sent | undefined, name: string): string[] =>
  within
    ? [...(within.name === name ? [within.text] : []), ...within.parts.flatMap((part) => all(part, name))]
    : [];

const sync = (token: string) =>
  `<d:sync-collection xmlns:d="DAV:"><d:sync-token>${token}</d:sync-token><d:sync-level>1</d:sync-level><d:prop><d:getetag/></d:prop></d:sync-collection>`;

test('calendars are found from the address of the account on, by who has one', async () => {
  const { ask } = opened();
  expect((await ask('PROPFIND', '/dav/', '', { authorization: 'Basic x' })).status).toBe(401);
  const want = (name: string) => `<propfind xmlns="DAV:"><prop><${name}/></prop></propfind>`;
  const principal = readXml(await (await ask('PROPFIND', '/dav/', want('current-user-principal'))).text());
  expect(all(principal, 'current-user-principal')).toEqual(['/dav/principals/petra/']);
  const home = readXml(
    await (await ask('PROPFIND', '/dav/principals/petra/', want('calendar-home-set'))).text(),
  );
  expect(all(home, 'calendar-home-set')).toEqual([HOME]);
  const found = readXml(await (await ask('PROPFIND', HOME, want('displayname'), { depth: '1' })).text());
  expect(all(found, 'displayname')).toContain('Tracker & co');
});

test('what has changed since a token is told, and what has gone; a token that is none is refused', async () => {
  const { ask, tasks } = opened();
  const report = async (token: string) => {
    const answer = await ask('REPORT', `${HOME}tracker/`, sync(token));
    const told = readXml(await answer.text());
    return {
      status: answer.status,
      hrefs: all(told, 'href'),
      statuses: all(told, 'status'),
      token: all(told, 'sync-token')[0] ?? '',
    };
  };
  tasks.put('a.ics', todo('a'));
  const first = await report('');
  expect(first.hrefs).toEqual([`${HOME}tracker/a.ics`]);
  expect((await report(first.token)).hrefs).toEqual([]);
  tasks.put('b.ics', todo('b'));
  tasks.remove('a.ics');
  const next = await report(first.token);
  expect([next.hrefs, next.statuses]).toEqual([
    [`${HOME}tracker/b.ics`, `${HOME}tracker/a.ics`],
    ['HTTP/1.1 200 OK', 'HTTP/1.1 404 Not Found'],
  ]);
  expect((await report('urn:other')).status).toBe(403);
});

test('several are read at once, with their text as it was written', async () => {
  const { ask, tasks } = opened();
  tasks.put('a.ics', todo('a', 'Owls & <bats>'));
  const wanted = `<c:calendar-multiget xmlns:d="DAV:" xmlns:c="urn:ietf:params:xml:ns:caldav"><d:prop><c:calendar-data/></d:prop><d:href>${HOME}tracker/a.ics</d:href><d:href>${HOME}tracker/x.ics</d:href></c:calendar-multiget>`;
  const told = readXml(await (await ask('REPORT', `${HOME}tracker/`, wanted)).text());
  expect(all(told, 'calendar-data')).toEqual([todo('a', 'Owls & <bats>').trim()]);
  expect(all(told, 'status')).toEqual(['HTTP/1.1 200 OK', 'HTTP/1.1 404 Not Found']);
});

test('writing goes by the version that was read, and takes only what belongs there', async () => {
  const { ask } = opened();
  const at = `${HOME}tracker/a.ics`;
  const made = await ask('PUT', at, todo('a'), { 'if-none-match': '*' });
  const etag = made.headers.get('etag') ?? '';
  expect(made.status).toBe(201);
  expect((await ask('PUT', at, todo('a'), { 'if-none-match': '*' })).status).toBe(412);
  expect((await ask('PUT', at, todo('a', 'New'), { 'if-match': '"other"' })).status).toBe(412);
  expect((await ask('PUT', at, todo('a', 'New'), { 'if-match': etag })).status).toBe(204);
  expect((await ask('DELETE', at, '', { 'if-match': etag })).status).toBe(412);
  const refused = await ask('PUT', at, todo('a').replaceAll('VTODO', 'VEVENT'));
  const error = readXml(await refused.text());
  expect([refused.status, error && partNamed(error, 'supported-calendar-component') !== undefined]).toEqual([
    403,
    true,
  ]);
  expect((await ask('PUT', at, 'nothing')).status).toBe(403);
  const text = await (await ask('GET', at)).text();
  expect(text).toContain('SUMMARY:New');
  expect((await ask('DELETE', at)).status).toBe(204);
  expect((await ask('GET', at)).status).toBe(404);
});
