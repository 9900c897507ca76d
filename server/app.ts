import path from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono, type MiddlewareHandler } from 'hono';
import { compress } from 'hono/compress';
import { secureHeaders } from 'hono/secure-headers';

/** The routes of the application; anything else that is not a file is not found. */
const routes = ['/', '/today', '/plan', '/tasks', '/review', '/settings'];

/** Says how long what was found may be kept. */
const keep =
  (how: string): MiddlewareHandler =>
  async (c, next) => {
    await next();
    if (c.res.ok) c.header('Cache-Control', how);
  };
const forEver = keep('public, max-age=31536000, immutable');
const askEachTime = keep('no-cache');

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
  app.get('/_expo/static/*', forEver, serveStatic({ root: relative }));
  app.get('/assets/*', forEver, serveStatic({ root: relative }));
  const page = serveStatic({ root: relative, path: 'index.html' });
  for (const route of routes) app.get(route, askEachTime, page);
  // browsers ask for it unasked; the application has none of its own yet
  app.get('/favicon.ico', (c) => c.body(null, 204));
  return app;
}
