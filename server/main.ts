import path from 'node:path';
import { serve } from '@hono/node-server';
import { appServer, type LogLine } from './app';
import { keepPages, keptPages } from './booking/keep';
import { bookingPages } from './booking/pages';
import { LIMITS } from './outside/request';
import { examplesAt, town } from './standins/town';

const demo = process.argv.includes('--demo');
/** Simulated outside services beside it, on the next port. */
const standins = demo || process.argv.includes('--standins');
const port = Number(process.env.PORT ?? 8321);
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  console.error(`PORT=${process.env.PORT} is no port: it takes a whole number up to 65535.`);
  process.exit(1);
}
/** This machine alone, unless told otherwise. */
const hostname = process.env.HOST ?? '127.0.0.1';
const log = (line: LogLine) => console.log(JSON.stringify({ at: new Date().toISOString(), ...line }));
const townAddress = standins ? `http://localhost:${port + 1}` : null;
/** Origins in one's own network that may be asked, as `https://calendar.office.lan`, by commas. */
const allowed = (process.env.OUTSIDE ?? '').split(',').filter(Boolean);
const outside = {
  limits: { ...LIMITS, allowed: [...allowed, ...(townAddress ? [townAddress] : [])] },
  examples: townAddress ? examplesAt(townAddress) : null,
};
/** Where pages to book from are kept; those of the demo go with it. */
const file = process.env.BOOKINGS ?? path.join(__dirname, '../data/bookings.json');
const pages = demo
  ? bookingPages(Date.now)
  : bookingPages(Date.now, keptPages(file), (all) => keepPages(file, all));
const app = appServer(path.join(__dirname, '../dist'), demo ? undefined : log, outside, pages);

/** What a connection may take: ms, bytes. Without the interval Node looks at the timeouts twice a minute only. */
const CONNECTIONS = {
  requestTimeout: 10_000,
  headersTimeout: 5_000,
  connectionsCheckingInterval: 1_000,
  maxHeaderSize: 8_192,
};

const server = serve({ fetch: app.fetch, port, hostname, serverOptions: CONNECTIONS }, () =>
  console.log(`Sprindle: http://localhost:${port}/${demo ? '?space=demo&standins=yes' : ''}`),
);

/** Seen by this machine alone, whatever HOST says. */
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
const besides = standins
  ? serve(
      { fetch: town({ zone, address: townAddress ?? '' }).app.fetch, port: port + 1, hostname: '127.0.0.1' },
      () => console.log(`Outside services to play with: http://localhost:${port + 1}/`),
    )
  : undefined;
besides?.on('error', () =>
  console.error(`Port ${port + 1} is taken: there are no outside services to play with.`),
);

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = `Port ${port} is taken. Choose another: PORT=8400 npm run demo`;
  console.error(error.code === 'EADDRINUSE' ? taken : error.message);
  process.exit(1);
});

/** Finishes what is being answered, then ends. */
const stop = () => {
  besides?.close();
  server.close(() => process.exit(0));
  setTimeout(() => process.exit(0), 3000);
};
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
