import path from 'node:path';
import { serve } from '@hono/node-server';
import { appServer } from './app';

const port = Number(process.env.PORT ?? 8321);
const query = process.argv.includes('--demo') ? '?space=demo' : '';
const server = serve({ fetch: appServer(path.join(__dirname, '../dist')).fetch, port }, () => {
  console.log(`Sprindle: http://localhost:${port}/${query}`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=8400 npm run demo`
      : error.message,
  );
  process.exit(1);
});
