import { readdirSync } from 'node:fs';
import path from 'node:path';
import { describe } from 'node:test';

/** All scenes, in one browser, three at a time; or those of the files that are named. */

/** What takes longest goes first, so that nothing long is left when the rest is through. */
const first = ['surfaces', 'crash', 'access', 'loop', 'layers', 'files', 'board'];

const nameOf = (file: string) => file.split('.')[0] ?? '';
const named = process.argv.slice(2).map((name) => `${nameOf(path.basename(name))}.e2e.ts`);
const all = readdirSync(__dirname).filter((file) => file.endsWith('.e2e.ts'));
const rank = (file: string) => (first.includes(nameOf(file)) ? first.indexOf(nameOf(file)) : first.length);
const files = named.length > 0 ? named : all.sort((a, b) => rank(a) - rank(b));

describe('the application in a browser', { concurrency: 3 }, () => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports -- what import() brings comes too late to belong to it
  for (const file of files) require(`./${file}`);
});
