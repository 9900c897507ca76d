import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** Writes a brotli and a gzip copy beside each file of the exported application that gets smaller by it; the server sends those. */
const dist = path.join(__dirname, '../dist');
const COMPRESSIBLE = /\.(html|js|css|ttf|svg|webmanifest|json)$/;
/** A new service worker has to be seen for what it is, however it came there; it is small. */
const AS_IT_IS = ['sw.js', 'metadata.json'];
const SMALLEST = 1000;

const files = readdirSync(dist, { recursive: true, encoding: 'utf8' });
for (const file of files.filter((name) => COMPRESSIBLE.test(name) && !AS_IT_IS.includes(name))) {
  const content = readFileSync(path.join(dist, file));
  if (content.length < SMALLEST) continue;
  const quality = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
  writeFileSync(path.join(dist, `${file}.br`), brotliCompressSync(content, { params: quality }));
  writeFileSync(path.join(dist, `${file}.gz`), gzipSync(content, { level: 9 }));
}
