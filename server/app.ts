import path from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono, type MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { etag } from 'hono/etag';
import { methodNotAllowed } from 'hono/method-not-allowed';
import { secureHeaders } from 'hono/secure-headers';
import { ownPages } from './booking/own';
import { bookingPages, type BookingPages } from './booking/pages';
import { bookedPages } from './booking/routes';
import { relay } from './outside/relay';

/** The routes of the application; anything else that is not a file is not found. */
const routes = [
  '/',
  '/index.html',
  '/today',
  '/now',
  '/opening',
  '/close',
  '/plan',
  '/tasks',
  '/review',
  '/estimates',
  '/weekly',
  '/settings',
  '/frame',
];

/** Says how long what was found may be kept. */
const keep =
  (how: string): MiddlewareHandler =>
  async (c, next) => {
    await next();
    if (c.res.ok) c.header('Cache-Control', how);
  };
/** Beside what is for outside services, nothing is sent to this server but requests for files. */
const LARGEST_BODY = 1024;

const forEver = keep('public, max-age=31536000, immutable');
const askEachTime = keep('no-cache');

/** One answered request, as it stands in the log. */
export type LogLine = {
  readonly method: string;
  readonly path: string;
  readonly status: number;
  readonly ms: number;
};

/** The address of a page to book from is what lets others in. */
const withoutSecrets = (path: string) => path.replace(/^(\/book(?:ing)?)\/.*$/, '$1/…');

const logging =
  (log: (line: LogLine) => void): MiddlewareHandler =>
  async (c, next) => {
    const began = performance.now();
    await next();
    log({
      method: c.req.method,
      path: withoutSecrets(c.req.path),
      status: c.res.status,
      ms: Math.round(performance.now() - began),
    });
  };

/**
 * Serves the exported application in `root`: hashed files for ever, everything else checked anew by its ETag, compressed
 * as the build left it beside each file, and asks outside services for its pages (`outside/relay.ts`, to which `outside` goes).
 * Nothing outside `root` can be read. `log` gets a line for each request, without what it asks for. `pages` are those to book from.
 */
export function appServer(
  root: string,
  log: (line: LogLine) => void = () => undefined,
  outside: Parameters<typeof relay>[0] = {},
  pages: BookingPages = bookingPages(Date.now),
  now: () => number = Date.now,
): Hono {
  const app = new Hono();
  const relative = path.relative(process.cwd(), root);
  const file = serveStatic({ root: relative, precompressed: true });
  app.use(logging(log));
  app.route('/outside', relay(outside));
  app.route('/booking', ownPages({ pages, now }));
  for (const name of ['/book/look.css', '/book/zone.js']) app.get(name, askEachTime, file);
  app.route('/book', bookedPages({ pages, now }));
  app.use(bodyLimit({ maxSize: LARGEST_BODY, onError: (c) => c.text('The request is too large.', 413) }));
  app.use(
    methodNotAllowed({
      app,
      onMethodNotAllowed: (c, methods) =>
        c.text('Files are asked for, nothing else.', 405, { Allow: methods.join(', ') }),
    }),
  );
  app.use(etag());
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // React Native for Web writes its style sheet at run time
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        frameAncestors: ["'none'"],
        formAction: ["'none'"],
      },
      // nothing of the device is needed but the screen and what is typed
      permissionsPolicy: Object.fromEntries(
        ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'midi'].map((name) => [name, []]),
      ),
    }),
  );
  app.get('/_expo/static/*', forEver, file);
  app.get('/assets/*', forEver, file);
  const page = serveStatic({ root: relative, path: 'index.html', precompressed: true });
  for (const route of routes) app.get(route, askEachTime, page);
  for (const name of [
    '/sw.js',
    '/start.js',
    '/temporal.js',
    '/door.html',
    '/door.js',
    '/door.css',
    '/manifest.webmanifest',
    '/icons/*',
  ])
    app.get(name, askEachTime, file);
  app.get('/health', (c) => c.json({ status: 'ok' }));
  // browsers ask for it unasked; the page names its own icon
  app.get('/favicon.ico', (c) => c.redirect('/icons/icon-192.png', 301));
  return app;
}
