import { createHash } from 'node:crypto';
import { appendFileSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { generateSW } from 'workbox-build';

const integrityOf = (file: string) =>
  `sha384-${createHash('sha384').update(readFileSync(file)).digest('base64')}`;

/**
 * Writes the service worker of the exported application (dist/sw.js): every file is kept for use without a network, and
 * a new version waits until the person says so. What is pressed on a
 * notification is told to the page (scripts/ringing.js).
 */
async function writeServiceWorker() {
  const dist = path.join(__dirname, '../dist');
  const { count, size, warnings } = await generateSW({
    globDirectory: dist,
    // the fonts lie in a folder of that name
    globIgnores: [],
    globPatterns: ['**/*.{html,js,css,ttf,png,svg,webmanifest}'],
    swDest: path.join(dist, 'sw.js'),
    inlineWorkboxRuntime: true,
    sourcemap: false,
    mode: 'production',
    maximumFileSizeToCacheInBytes: 10_000_000,
    // hashed by the bundler, so their names tell their version
    dontCacheBustURLsMatching: /[.-][0-9a-f]{32}\./,
    // what arrives cut or changed is not taken, and the version before stays (Subresource Integrity, W3C 2016)
    manifestTransforms: [
      (entries) => ({
        manifest: entries.map((entry) => ({ ...entry, integrity: integrityOf(path.join(dist, entry.url)) })),
      }),
    ],
    navigateFallback: '/index.html',
    navigateFallbackDenylist: [/^\/health/, /^\/door\.html/, /^\/book\//],
    clientsClaim: true,
    skipWaiting: false,
  });
  appendFileSync(path.join(dist, 'sw.js'), readFileSync(path.join(__dirname, 'ringing.js')));
  for (const warning of warnings) console.warn(warning);
  console.log(`sw.js: ${count} files, ${Math.round(size / 1000)} kB`);
}

void writeServiceWorker();
