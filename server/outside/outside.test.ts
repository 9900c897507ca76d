import http from 'node:http';
import type { AddressInfo } from 'node:net';
import zlib from 'node:zlib';
import { appServer } from '../app';
import { isPrivate } from './privateAddress';
import { LIMITS, request, type Asked } from './request';

const servers: http.Server[] = [];
afterAll(() => servers.forEach((server) => server.close()));

/** A service on this machine; gives its address. */
async function serviceOf(listener: http.RequestListener): Promise<string> {
  const server = http.createServer(listener);
  servers.push(server);
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`; // a TCP server has one
}

const get = (address: string, headers: Asked['headers'] = {}): Asked => ({
  method: 'GET',
  address,
  headers,
  body: '',
});
const why = (asked: Asked, limits = LIMITS) =>
  request(asked, limits).catch(({ why: refusal }) => String(refusal));

test.each([
  ['127.0.0.1', true],
  ['10.1.2.3', true],
  ['172.31.0.1', true],
  ['172.32.0.1', false],
  ['169.254.169.254', true],
  ['192.168.1.1', true],
  ['0.0.0.0', true],
  ['255.255.255.255', true],
  ['8.8.8.8', false],
  ['::1', true],
  ['::', true],
  ['fe80::1', true],
  ['fd00::1', true],
  ['::ffff:127.0.0.1', true],
  ['::ffff:7f00:1', true],
  ['64:ff9b::7f00:1', true],
  ['2002:7f00:1::', true],
  ['2606:4700::1111', false],
  ['nothing', true],
])('%s is private: %s', (address, expected) => expect(isPrivate(address)).toBe(expected));

test('this machine and its network are not asked, however they are written or reached', async () => {
  const asked: string[] = [];
  const inner = await serviceOf((incoming, answer) => {
    asked.push(String(incoming.url));
    answer.end('secret');
  });
  const { port } = new URL(inner);
  const ways = [
    '127.0.0.1',
    'localhost',
    '127.1',
    '2130706433',
    '0x7f.1',
    '[::1]',
    '[::ffff:127.0.0.1]',
    '0',
  ];
  for (const host of ways) expect(await why(get(`http://${host}:${port}/`))).toBe('private');
  const outer = await serviceOf((_, answer) => answer.writeHead(302, { location: `${inner}/in` }).end());
  expect(await why(get(outer), { ...LIMITS, allowed: [outer] })).toBe('private');
  expect(asked).toEqual([]);
});

test('other addresses than those of the web are refused, and those that hold a password', async () => {
  for (const address of ['file:///etc/passwd', 'ftp://example.org', 'http://a:b@example.org/', 'nothing', ''])
    expect(await why(get(address))).toBe('address');
});

test('who asks is told to the host that was asked alone, and where it has moved for good is told', async () => {
  const heard: (string | undefined)[] = [];
  const other = await serviceOf((incoming, answer) => {
    heard.push(incoming.headers.authorization);
    answer.end('there');
  });
  const first = await serviceOf((incoming, answer) => {
    heard.push(incoming.headers.authorization);
    const moved = incoming.url === '/same' ? '/here' : `${other}/new`;
    if (incoming.url === '/here') return answer.end('here');
    return answer.writeHead(301, { location: moved }).end();
  });
  const limits = { ...LIMITS, allowed: [first, other] };
  const same = await request(get(`${first}/same`, { authorization: 'Basic x' }), limits);
  expect([String(same.body), same.address]).toEqual(['here', `${first}/here`]);
  const away = await request(get(`${first}/away`, { authorization: 'Basic x' }), limits);
  expect([String(away.body), away.address]).toEqual(['there', `${other}/new`]);
  expect(heard).toEqual(['Basic x', 'Basic x', 'Basic x', undefined]);
});

test('what is too large, too slow, breaks off or leads round and round is told apart', async () => {
  const service = await serviceOf((incoming, answer) => {
    switch (incoming.url) {
      case '/large':
        return answer.end('x'.repeat(2000));
      case '/bomb':
        return answer
          .writeHead(200, { 'content-encoding': 'gzip' })
          .end(zlib.gzipSync('x'.repeat(1_000_000)));
      case '/half':
        answer.writeHead(200, { 'content-length': 100 });
        return answer.write('half', () => answer.destroy());
      case '/round':
        return answer.writeHead(302, { location: '/round' }).end();
      case '/packed':
        return answer.writeHead(200, { 'content-encoding': 'gzip' }).end(zlib.gzipSync('unpacked'));
      case '/hangUp':
        return answer.destroy();
      default:
        return undefined;
    }
  });
  const limits = { patience: 500, largest: 1000, allowed: [service] };
  const each = ['large', 'bomb', 'half', 'round', 'hangUp', 'slow'].map((path) =>
    why(get(`${service}/${path}`), limits),
  );
  expect(await Promise.all(each)).toEqual(['large', 'large', 'half', 'redirects', 'unreachable', 'slow']);
  expect(String((await request(get(`${service}/packed`), limits)).body)).toBe('unpacked');
});

test('pages of this server are served, and no others; the log tells nothing of what they ask', async () => {
  const service = await serviceOf((_, answer) => answer.writeHead(404, { etag: '"1"' }).end('<script>'));
  const lines: string[] = [];
  const limits = { ...LIMITS, allowed: [service] };
  const app = appServer(__dirname, (line) => lines.push(JSON.stringify(line)), { limits });
  const ask = (headers: Record<string, string>, body: unknown = get(`${service}/secret.ics`)) =>
    app.request('http://localhost/outside/ask', { method: 'POST', headers, body: JSON.stringify(body) });
  const json = { 'content-type': 'application/json' };
  const answer = await ask(json);
  expect([answer.status, answer.headers.get('outside-status'), answer.headers.get('outside-etag')]).toEqual([
    200,
    '404',
    '"1"',
  ]);
  expect([answer.headers.get('content-type'), await answer.text()]).toEqual([
    'application/octet-stream',
    '<script>',
  ]);
  expect((await ask({ ...json, 'sec-fetch-site': 'cross-site' })).status).toBe(403);
  expect((await ask({ 'content-type': 'text/plain' })).status).toBe(403);
  const wrong = [
    {},
    { ...get(service), method: 'TRACE' },
    get(service, { host: 'x' }),
    get(service, { accept: 'a\nb' }),
  ];
  for (const body of wrong) expect((await ask(json, body)).status).toBe(400);
  const refused = await ask(json, get('http://10.0.0.1/'));
  expect(refused.headers.get('outside-refused')).toBe('private');
  expect(lines.join('\n')).not.toContain('secret');
});
