import { existsSync } from 'node:fs';
import path from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { secureHeaders } from 'hono/secure-headers';

/** The routes of the application; anything else that is not a file is not found. */
const routes = ['/', '/today', '/plan', '/tasks', '/review', '/settings'];

const YEAR = 'public, max-age=31536000, immutable';

/** Serves the exported application in `root`: compressed, hashed files for ever, everything else checked anew. */
export function appServer(root: string): Hono {
  const app = new Hono();
  app.use(compress());
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        // React Native for Web and expo-font write their style sheets at run time
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        workerSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        frameAncestors: ["'none'"],
      },
    }),
  );
  const relative = path.relative(process.cwd(), root);
  const hashed = serveStatic({ root: relative, onFound: (_, c) => c.header('Cache-Control', YEAR) });
  app.get('/_expo/static/*', hashed);
  app.get('/assets/*', hashed);
  const page = serveStatic({
    root: relative,
    path: 'index.html',
    onFound: (_, c) => c.header('Cache-Control', 'no-cache'),
  });
  for (const route of routes) app.get(route, page);
  app.get('/favicon.ico', (c) =>
    existsSync(path.join(root, 'favicon.ico')) ? c.redirect('/favicon.ico') : c.body(null, 204),
  );
  return app;
}
