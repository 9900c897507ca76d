import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildSync } from 'esbuild';
import { variables } from './variables';

/** Writes the script and the style sheet of the safe door (public/door.html) into dist/. */
const dist = path.join(__dirname, '../dist');

const { errors } = buildSync({
  entryPoints: [path.join(__dirname, '../door/door.ts')],
  outfile: path.join(dist, 'door.js'),
  tsconfig: path.join(__dirname, '../tsconfig.json'),
  bundle: true,
  minify: true,
  target: 'es2020',
});
if (errors.length > 0) process.exit(1);

writeFileSync(
  path.join(dist, 'door.css'),
  `:root { ${variables(0)} }
@media (prefers-color-scheme: dark) { :root { ${variables(1)} } }
body { margin: 0; background: var(--ground); color: var(--ink); font: 16px/1.45 sans-serif; }
main { max-width: 640px; margin: 0 auto; padding: 24px 16px 64px; }
h1 { font-size: 28px; margin: 0 0 8px; }
h2 { font-size: 16px; margin: 24px 0 8px; padding-top: 16px; border-top: 1px solid var(--line); }
ul { list-style: none; margin: 0; padding: 0; }
li { display: flex; flex-wrap: wrap; gap: 4px 12px; align-items: center; justify-content: space-between; padding: 4px 0; overflow-wrap: anywhere; }
li span { flex: 1 1 0; min-width: 50%; }
button { min-height: 44px; padding: 0 14px; border: 1px solid var(--line); border-radius: 8px; background: var(--surface); color: var(--ink); font: inherit; font-weight: bold; cursor: pointer; }
button.primary { background: var(--pine); border-color: var(--pine); color: var(--on-pine); }
button:focus-visible { outline: 3px solid var(--amber); outline-offset: 2px; }
summary { min-height: 44px; padding: 10px 0; box-sizing: border-box; cursor: pointer; font-weight: bold; }
summary:focus-visible { outline: 3px solid var(--amber); outline-offset: 2px; }
[role='alert'] { color: var(--brick); }
[role='status']:empty { display: none; }
[role='status'] { border-left: 4px solid var(--pine); padding: 8px 12px; background: var(--surface); }
`,
);
