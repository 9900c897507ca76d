import path from 'node:path';
import { serve } from '@hono/node-server';
import { appServer, type LogLine } from './app';

const demo = process.argv.includes('--demo');
const port = Number(process.env.PORT ?? 8321);
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  console.error(`PORT=${process.env.PORT} is no port: it takes a whole number up to 65535.`);
  process.exit(1);
}
/** This machine alone, unless told otherwise. */
const hostname = process.env.HOST ?? '127.0.0.1';
const log = (line: LogLine) => console.log(JSON.stringify({ at: new Date().toISOString(), ...line }));
const app = appServer(path.join(__dirname, '../dist'), demo ? undefined : log);

/** What a connection may take: ms, bytes. Without the interval Node looks at the timeouts twice a minute only. */
const LIMITS = {
  requestTimeout: 10_000,
  headersTimeout: 5_000,
  connectionsCheckingInterval: 1_000,
  maxHeaderSize: 8_192,
};

const server = serve({ fetch: app.fetch, port, hostname, serverOptions: LIMITS }, () =>
  console.log(`Sprindle: http://localhost:${port}/${demo ? '?space=demo' : ''}`),
);

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = `Port ${port} is taken. Choose another: PORT=8400 npm run demo`;
  console.error(error.code === 'EADDRINUSE' ? taken : error.message);
  process.exit(1);
});

/** Finishes what is being answered, then ends. */
const stop = () => {
  server.close(() => process.exit(0));
  setTimeout(() => process.exit(0), 3000);
};
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
