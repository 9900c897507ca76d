import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { variables } from './variables';

/** Writes the style sheet and the script of the page to book from (server/booking) into dist/. */
const dist = path.join(__dirname, '../dist');
mkdirSync(path.join(dist, 'book'), { recursive: true });

const face = (name: string, weight: string) => {
  const file = readdirSync(path.join(dist, 'assets/fonts')).find((one) => one.startsWith(`${name}.`));
  return `@font-face { font-family: Next; src: url(/assets/fonts/${file}); font-weight: ${weight}; font-display: swap; }`;
};

const focused = ':is(button, select, input, textarea, a):focus-visible';

writeFileSync(
  path.join(dist, 'book/look.css'),
  `:root { color-scheme: light dark; ${variables(0)} }
@media (prefers-color-scheme: dark) { :root { ${variables(1)} } }
${face('AtkinsonNext', '400')}
${face('AtkinsonNextStrong', '700')}
* { box-sizing: border-box; }
body { margin: 0; background: var(--ground); color: var(--ink); font: 16px/1.45 Next, sans-serif; font-variant-numeric: tabular-nums; }
main { max-width: 720px; margin: 0 auto; padding: 24px 16px 64px; }
h1 { font-size: 28px; line-height: 1.2; margin: 0; overflow-wrap: anywhere; }
h2 { font-size: 16px; margin: 0 0 8px; width: 7.5rem; flex: none; padding-top: 11px; }
p { margin: 8px 0; overflow-wrap: anywhere; }
small, .small { font-size: 14px; color: var(--ink-soft); }
.about, .zone label { color: var(--ink-soft); }
.when { font-size: 20px; font-weight: 700; }
fieldset { border: 0; margin: 0; padding: 0; }
legend { font-weight: 700; font-size: 20px; padding: 0 0 8px; }
.zone { display: flex; flex-wrap: wrap; gap: 8px 12px; align-items: center; margin: 16px 0 24px; }
select { max-width: 100%; }
button, select, input, textarea { font: inherit; color: var(--ink); background: var(--surface); border: 1px solid var(--field); border-radius: 8px; min-height: 44px; padding: 8px 12px; }
button { font-weight: 700; cursor: pointer; border-color: var(--line); padding: 8px 16px; }
button.primary { background: var(--pine); border-color: var(--pine); color: var(--on-pine); }
${focused} { outline: 3px solid var(--amber); outline-offset: 2px; }
.day { display: flex; flex-wrap: wrap; gap: 0 16px; padding: 12px 0 12px 20px; border-top: 1px solid var(--line);
  background: repeating-linear-gradient(to bottom, var(--line) 0 1px, transparent 1px 11px) 0 12px / 8px 100% no-repeat; }
.times { display: flex; flex-wrap: wrap; gap: 8px; flex: 1 1 16rem; }
.time { position: relative; display: block; }
.time input { position: absolute; inset: 0; opacity: 0; width: 100%; height: 100%; min-height: 0; margin: 0; cursor: pointer; }
.time span { display: flex; align-items: center; min-height: 44px; padding: 0 12px; border: 1px solid var(--line); border-left: 4px solid var(--pine); background: var(--surface); font-weight: 700; }
.time small { font-weight: 400; white-space: pre; }
.time input:checked + span { background: var(--pine); color: var(--on-pine); border-color: var(--pine); }
.time input:checked + span small { color: var(--on-pine); }
.time input:focus-visible + span { outline: 3px solid var(--amber); outline-offset: 2px; }
.who { display: grid; gap: 16px; margin-top: 24px; padding-top: 24px; border-top: 1px solid var(--line); }
.who label { display: grid; gap: 4px; }
.who button { justify-self: start; }
.problem { border-left: 4px solid var(--brick); padding: 8px 12px; background: var(--surface); color: var(--brick); font-weight: 700; }
.standing { border-left: 4px solid var(--pine); padding: 12px; background: var(--surface); }
.standing.yes { border-color: var(--leaf); }
.standing.no, .standing.off { border-color: var(--brick); }
blockquote { margin: 8px 0; padding-left: 12px; border-left: 1px solid var(--line); white-space: pre-wrap; overflow-wrap: anywhere; }
a { color: var(--pine); display: inline-block; min-height: 44px; padding: 10px 0; }
form { margin: 16px 0; }
`,
);

// the zone of whoever looks, where the address does not name one; without scripts it is chosen by hand
writeFileSync(
  path.join(dist, 'book/zone.js'),
  `(() => {
  const url = new URL(location.href);
  if (url.searchParams.has('zone')) return;
  url.searchParams.set('zone', Intl.DateTimeFormat().resolvedOptions().timeZone);
  location.replace(url);
})();
`,
);
