import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { appServer, type LogLine } from './app';

const root = mkdtempSync(path.join(os.tmpdir(), 'sprindle-dist-'));
mkdirSync(path.join(root, '_expo/static/js'), { recursive: true });
mkdirSync(path.join(root, 'assets'));
writeFileSync(path.join(root, 'index.html'), '<!doctype html><title>Sprindle</title>');
writeFileSync(path.join(root, '_expo/static/js/entry-0.js'), `// ${'long '.repeat(1000)}`);
writeFileSync(path.join(root, '_expo/static/js/entry-0.js.gz'), gzipSync('// short'));
writeFileSync(path.join(root, 'sw.js'), '// worker');
writeFileSync(path.join(path.dirname(root), 'secret.txt'), 'secret');
const lines: LogLine[] = [];
const app = appServer(root, (line) => lines.push(line));
const get = (url: string, headers: Record<string, string> = {}) =>
  app.request(`http://localhost${url}`, { headers });

test.each(['/', '/today', '/plan?day=2026-11-24', '/tasks', '/review', '/settings'])(
  '%s opens the application',
  async (url) => {
    const answer = await get(url);
    expect(answer.status).toBe(200);
    expect(await answer.text()).toContain('Sprindle');
    expect(answer.headers.get('cache-control')).toBe('no-cache');
  },
);

test.each([
  '/_expo/static/js/gone.js',
  '/assets/gone.ttf',
  '/nowhere',
  '/..%2fsecret.txt',
  '/assets/..%2f..%2fsecret.txt',
])('%s is not found, and never answered with the page', async (url) => {
  const answer = await get(url);
  expect(answer.status).toBe(404);
  const text = await answer.text();
  expect(text).not.toContain('Sprindle');
  expect(text).not.toContain('secret');
});

test('the service worker is asked for anew each time, so that a new version is found', async () => {
  const answer = await get('/sw.js');
  expect([answer.status, answer.headers.get('cache-control')]).toEqual([200, 'no-cache']);
});

test('hashed files are kept for ever and sent as the build compressed them', async () => {
  const answer = await get('/_expo/static/js/entry-0.js', { 'accept-encoding': 'gzip' });
  expect(answer.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
  expect(answer.headers.get('content-encoding')).toBe('gzip');
  expect(answer.headers.get('vary')).toContain('Accept-Encoding');
  expect((await get('/_expo/static/js/entry-0.js')).headers.get('content-encoding')).toBeNull();
});

test('what has not changed is not sent again, and a part of a file is sent as such', async () => {
  const first = await get('/today');
  const tag = first.headers.get('etag') ?? '';
  const again = await get('/today', { 'if-none-match': tag });
  expect([again.status, await again.text()]).toEqual([304, '']);
  const part = await get('/sw.js', { range: 'bytes=3-5' });
  expect([part.status, await part.text(), part.headers.get('content-range')]).toEqual([
    206,
    'wor',
    'bytes 3-5/9',
  ]);
});

test.each(['POST', 'PUT', 'DELETE', 'PATCH'])('%s is answered with what is allowed', async (method) => {
  const answer = await app.request('http://localhost/today', { method });
  expect([answer.status, answer.headers.get('allow')]).toEqual([405, 'GET, HEAD']);
});

test('pages may load nothing from elsewhere and cannot be framed', async () => {
  const policy = (await get('/today')).headers.get('content-security-policy') ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).toContain("form-action 'none'");
  expect((await get('/today')).headers.get('permissions-policy')).toContain('geolocation=()');
});

test('it says that it is well, and logs each request with its answer', async () => {
  expect(await (await get('/health')).json()).toEqual({ status: 'ok' });
  await get('/nowhere');
  expect(lines.slice(-2)).toMatchObject([
    { method: 'GET', path: '/health', status: 200 },
    { method: 'GET', path: '/nowhere', status: 404 },
  ]);
});

test('a request that sends more than it could need is refused', async () => {
  const answer = await app.request('http://localhost/today', {
    method: 'POST',
    body: 'x'.repeat(5000),
    headers: { 'content-length': '5000' },
  });
  expect(answer.status).toBe(413);
});
