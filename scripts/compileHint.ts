import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * Has Chromium compile the script of the first screen while it arrives, beside the page's own thread; on a slow machine the
 * page would stand a second later if it compiled one function after the other as they are called (V8's explicit compile
 * hints; to other browsers this is a comment).
 */
const HINT = '//# allFunctionsCalledOnLoad\n';
const folder = path.join(__dirname, '../dist/_expo/static/js/web');

const entry = readdirSync(folder).find((name) => /^entry-.*\.js$/.test(name));
if (!entry) throw new Error('There is no script of the first screen.');
const file = path.join(folder, entry);
writeFileSync(file, HINT + readFileSync(file, 'utf8'));
