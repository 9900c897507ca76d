import path from 'node:path';
import { serve } from '@hono/node-server';
import { appServer, type LogLine } from './app';

const demo = process.argv.includes('--demo');
const port = Number(process.env.PORT ?? 8321);
const log = (line: LogLine) => console.log(JSON.stringify({ at: new Date().toISOString(), ...line }));
const app = appServer(path.join(__dirname, '../dist'), demo ? undefined : log);

const server = serve(
  { fetch: app.fetch, port, serverOptions: { requestTimeout: 10_000, headersTimeout: 5_000 } },
  () => console.log(`Sprindle: http://localhost:${port}/${demo ? '?space=demo' : ''}`),
);

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = `Port ${port} is taken. Choose another: PORT=8400 npm run demo`;
  console.error(error.code === 'EADDRINUSE' ? taken : error.message);
  process.exit(1);
});

/** Finishes what is being answered, then ends. */
const stop = () => {
  server.close(() => process.exit(0));
  setTimeout(() => process.exit(0), 3000).unref();
};
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
