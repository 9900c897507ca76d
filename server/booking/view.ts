import { html } from 'hono/html';
import type { Style } from '../../core/time/words';
import { clockWords, dateWords, durationWords, spanWords } from '../../core/time/words';
import { MINUTE, spanFrom } from '../../core/time/span';
import { dateOf, type Zone } from '../../core/time/zone';
import type { Booking } from '../../core/outside/booking';
import type { Page } from './pages';

/** Plain to all: days before months, 24 hours. */
const STYLE: Style = { clock: 24, dates: 'dayFirst' };

type Frame = { readonly title: string };

/** A page of its own: nothing of the application, and nothing that need run. */
const framed = ({ title }: Frame, content: unknown) =>
  html`<!doctype html>
    <html lang="en">
      <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width" />
        <meta name="robots" content="noindex" />
        <title>${title}</title>
        <link rel="stylesheet" href="/book/look.css" />
        <script src="/book/zone.js" defer></script>
      </head>
      <body>
        <main>${content}</main>
      </body>
    </html>`;

/** The zones that a visitor chooses from, by the places that they are named after. */
const zones = (): string[] => ['UTC', ...Intl.supportedValuesOf('timeZone')];

const zoneForm = (at: string, zone: Zone) =>
  html`<form method="get" action="${at}" class="zone">
    <label for="zone">Times are shown for</label>
    <select id="zone" name="zone">
      ${zones().map(
        (one) =>
          html`<option value="${one}" ${one === zone ? 'selected' : ''}>${one.replaceAll('_', ' ')}</option>`,
      )}
    </select>
    <button>Show these</button>
  </form>`;

/** What went wrong with what was sent, and what was typed, so that nothing is lost. */
export type Again = {
  readonly problem: string;
  readonly name: string;
  readonly address: string;
  readonly note: string;
};

type Offered = Frame & {
  readonly page: Page;
  readonly starts: readonly number[];
  readonly zone: Zone;
  readonly again: Again | undefined;
};

/** The days with their free times. */
function days({ page, starts, zone, again }: Offered) {
  const { minutes } = page.offer;
  const dates = [...new Set(starts.map((start) => dateOf(start, zone)))];
  const byDay = dates.map((date) => [date, starts.filter((start) => dateOf(start, zone) === date)] as const);
  return byDay.map(
    ([date, all]) =>
      html`<section class="day">
        <h2>${dateWords(date, STYLE)}</h2>
        <div class="times">
          ${all.map((start) => {
            const until = clockWords(start + minutes * MINUTE, zone, 24);
            const isFirst = again !== undefined && start === starts[0];
            return html`<label class="time"
              ><input type="radio" name="start" value="${start}" required ${isFirst ? 'checked' : ''} />
              <span>${clockWords(start, zone, 24)}<small> – ${until}</small></span></label
            >`;
          })}
        </div>
      </section>`,
  );
}

/** What can be booked: the days and times, in the zone of whoever looks, and who they are. */
export function offeredView(offered: Offered) {
  const { page, starts, zone, again } = offered;
  const { title, host, minutes } = page.offer;
  const at = `/book/${page.token}`;
  const head = html`<h1>${title}</h1>
    <p class="about">${durationWords(minutes)} with ${host}</p>`;
  if (starts.length === 0)
    return framed(
      offered,
      html`${head}
        <p role="alert">${again?.problem ?? ''}</p>
        <p>There is no free time to book here any more. Ask ${host} for other times.</p>`,
    );
  return framed(
    offered,
    html`${head} ${zoneForm(at, zone)}
      ${again ? html`<p class="problem" role="alert">${again.problem}</p>` : ''}
      <form method="post" action="${at}?zone=${encodeURIComponent(zone)}">
        <fieldset>
          <legend>Choose a time</legend>
          ${days(offered)}
        </fieldset>
        <div class="who">
          <label
            >Your name
            <input name="name" required maxlength="200" autocomplete="name" value="${again?.name ?? ''}"
          /></label>
          <label
            >Your address
            <input
              name="address"
              type="email"
              required
              maxlength="200"
              autocomplete="email"
              value="${again?.address ?? ''}"
          /></label>
          <label
            >What it is about <textarea name="note" rows="3" maxlength="2000">${again?.note ?? ''}</textarea>
          </label>
          <button class="primary">Ask for this time</button>
          <p class="small">
            ${host} sees your name, your address and what you write, and answers on the next page.
          </p>
        </div>
      </form>`,
  );
}

/** How a booking stands, after its host. */
function standingText({ state }: Booking, host: string): string {
  switch (state) {
    case 'asked':
      return `${host} has not answered yet. The time is kept for you meanwhile. Keep this address: the answer stands here.`;
    case 'yes':
      return `${host} accepts: it takes place.`;
    case 'maybe':
      return `${host} may come, and will say so here once it is known.`;
    case 'no':
      return `${host} cannot make it.`;
    case 'other':
      return `${host} cannot make it then.`;
    case 'off':
      return 'You have called it off.';
  }
}

type Booked = Frame & {
  readonly page: Page;
  readonly booking: Booking;
  readonly zone: Zone;
  readonly problem?: string | undefined;
};

/** A booking and what became of it: the answer, other times that are proposed, and the ways out. */
export function bookedView(booked: Booked) {
  const { page, booking, zone, problem } = booked;
  const { host, title } = page.offer;
  const { start, minutes, state, proposals, word, id } = booking;
  const at = `/book/${page.token}/${id}`;
  const query = `?zone=${encodeURIComponent(zone)}`;
  const span = spanFrom({ start, minutes });
  return framed(
    booked,
    html`<h1>${title}</h1>
      <p class="when">${spanWords(span, zone, STYLE)}<small> (${zone.replaceAll('_', ' ')})</small></p>
      ${problem ? html`<p class="problem" role="alert">${problem}</p>` : ''}
      <p class="standing ${state}" role="status">${standingText(booking, host)}</p>
      ${word === '' ? '' : html`<blockquote>${word}</blockquote>`}
      ${
        state === 'other' && proposals.length > 0
          ? html`<form method="post" action="${at}/take${query}">
              <fieldset>
                <legend>These times are proposed instead</legend>
                <div class="times">
                  ${proposals.map(
                    (one, i) =>
                      html`<label class="time"
                        ><input
                          type="radio"
                          name="start"
                          value="${one.start}"
                          required
                          ${i === 0 ? 'checked' : ''}
                        />
                        <span>${spanWords(spanFrom(one), zone, STYLE)}</span></label
                      >`,
                  )}
                </div>
              </fieldset>
              <button class="primary">Take this time</button>
            </form>`
          : ''
      }
      ${
        state === 'yes' || state === 'maybe' || state === 'asked'
          ? html`<p><a href="${at}/meeting.ics">A calendar file of it</a></p>`
          : ''
      }
      ${
        state === 'off' || state === 'no'
          ? html`<p><a href="/book/${page.token}${query}">Look for another time</a></p>`
          : html`<form method="post" action="${at}/off${query}"><button>Call it off</button></form>`
      }
      ${zoneForm(at, zone)}`,
  );
}

/** That there is nothing, or nothing more, in a sentence. */
export const sentenceView = (frame: Frame, sentence: string) =>
  framed(
    frame,
    html`<h1>${frame.title}</h1>
      <p>${sentence}</p>`,
  );
