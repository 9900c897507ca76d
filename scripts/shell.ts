import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/*
 * What the page needs before its script runs: the fonts, asked for at once, and Temporal for browsers without it; and what it
 * does not need yet. Their
 * names tell their contents, as those of all files that are kept for ever.
 */

const root = path.join(__dirname, '..');
const dist = path.join(root, 'dist');
const fonts = {
  AtkinsonNext: 'hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  AtkinsonNextStrong: 'hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
  AtkinsonMono: 'hyperlegible-mono/400Regular/AtkinsonHyperlegibleMono_400Regular.ttf',
};

/** Copies a font into dist/, and returns its address. */
function ship(name: string, file: string): string {
  const source = path.join(root, 'node_modules/@expo-google-fonts', `atkinson-${file}`);
  const hash = createHash('md5').update(readFileSync(source)).digest('hex');
  const address = `/assets/fonts/${name}.${hash}.ttf`;
  copyFileSync(source, path.join(dist, address));
  return address;
}

mkdirSync(path.join(dist, 'assets/fonts'), { recursive: true });
const shipped = Object.entries(fonts).map(([name, file]) => ({ name, address: ship(name, file) }));
const links = shipped.map(
  ({ address }) => `<link rel="preload" href="${address}" as="font" type="font/ttf" crossorigin />`,
);
const faces = shipped.map(
  ({ name, address }) =>
    `@font-face { font-family: ${name}; src: url(${address}); font-weight: 100 900; font-display: swap; }`,
);

const page = path.join(dist, 'index.html');
const html = readFileSync(page, 'utf8');
// what later parts share is loaded with the first of them (ui/sharedParts.ts)
const named = html.replace(
  /<script src="([^"]*\/__common-[^"]*)" defer><\/script>/,
  '<link id="shared-parts" rel="prefetch" href="$1" as="script" />',
);
if (named === html) throw new Error('index.html names no script that later parts share.');
writeFileSync(
  page,
  named.replace('<style>', `${links.join('\n    ')}\n    <style>\n      ${faces.join('\n      ')}`),
);

copyFileSync(path.join(root, 'node_modules/temporal-polyfill/global.js'), path.join(dist, 'temporal.js'));
