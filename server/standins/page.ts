import { html } from 'hono/html';
import { account } from './caldav';
import type { Collection } from './collection';
import { calendars as contents, TRACKER } from './contents';
import { shown } from './events';
import { faultNames, faults, type Fault } from './faults';

export type Shown = {
  readonly address: string;
  readonly now: string;
  readonly calendars: ReadonlyMap<string, Collection>;
  readonly faultOf: (service: string) => Fault;
  readonly tells: readonly string[];
  /** The part of it about the mailbox. */
  readonly mail: ReturnType<typeof html>;
};

const style = `
  body { font: 16px/1.5 sans-serif; max-width: 46rem; margin: 2rem auto; padding: 0 1rem; color: #14211d; background: #eef2f0 }
  section { background: #fff; border: 1px solid #c6d2cc; padding: 1rem; margin: 1rem 0 }
  h2 { font-size: 1.1rem; margin: 0 } li { margin: .5rem 0 } form { display: inline }
  button, select, input { font: inherit; min-height: 2rem } code { overflow-wrap: anywhere }
`;

export const press = (action: string, label: string, about: string) =>
  html`<form method="post" action="${action}">
    <button aria-label="${label}: ${about}">${label}</button>
  </form> `;

/** How a service is to break. */
export const faultForm = (key: string, how: Fault) =>
  html`<form method="post" action="/play/${key}/fault">
    <label>
      It
      <select name="fault">
        ${faults.map(
          (fault) =>
            html`<option value="${fault}" ${how === fault ? 'selected' : ''}>${faultNames[fault]}</option>`,
        )}
      </select>
    </label>
    <button>Set</button>
  </form>`;

/** What one can do to a thing in the town: the last part of the address, and what it is called. */
const plays = {
  meeting: [
    ['earlier', 'An hour earlier'],
    ['later', 'An hour later'],
    ['cancel', 'Cancel'],
    ['remove', 'Remove'],
  ],
  task: [
    ['finish', 'Finish'],
    ['remove', 'Remove'],
  ],
} as const;

const addressesOf = (key: string, address: string) =>
  key === TRACKER || contents[key]?.own
    ? html`<code>${address}/dav/</code>, as ${account.username} with the password ${account.password} (CalDAV)`
    : html`<code>${address}/feeds/${key}.ics</code>, busy times alone:
        <code>${address}/feeds/${key}.ifb</code>`;

const calendar = (key: string, { name, all }: Collection, { address, faultOf }: Shown) => html`
  <section>
    <h2>${name}</h2>
    <p>${addressesOf(key, address)}</p>
    ${faultForm(key, faultOf(key))}
    <ul>
      ${[...all()]
        .map(([href, { text }]) => ({ href, ...shown(text) }))
        .sort((a, b) => a.start - b.start)
        .map(({ href, title, when }) => {
          const at = `/play/${key}/${href}`;
          const can = key === TRACKER ? plays.task : plays.meeting;
          const presses = can.map(([how, label]) => press(`${at}/${how}`, label, title));
          return html`<li id="${href.replace(/\.ics$/, '')}">
            ${when} <strong>${title}</strong><br />${presses}
            <form method="post" action="${at}/rename">
              <input name="title" aria-label="New name of ${title}" required /><button>Rename</button>
            </form>
          </li>`;
        })}
    </ul>
    <form method="post" action="/play/${key}/add">
      <label
        >${key === TRACKER ? 'A new task' : 'A new meeting tomorrow'}, called <input name="title" required
      /></label>
      <button>Add</button>
    </form>
  </section>
`;

/** What each service of the town holds, and how to play the other side. */
export const townPage = (town: Shown) =>
  html`<!doctype html>
    <html lang="en">
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width" />
        <title>The town of stand-ins</title>
        <style>
          ${style}
        </style>
      </head>
      <body>
        <h1>The town of stand-ins</h1>
        <p>
          Simulated services, to try out what comes from outside: no one else can see them, and nothing here
          is real. It is ${town.now} here. What happens by itself:
        </p>
        <ul>
          ${town.tells.map((line) => html`<li>${line}</li>`)}
        </ul>
        ${town.mail} ${[...town.calendars].map(([key, each]) => calendar(key, each, town))}
      </body>
    </html>`;
