import { Hono, type Context } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { csrf } from 'hono/csrf';
import { secureHeaders } from 'hono/secure-headers';
import { writeEvent } from '../../core/formats/writeCalendar';
import { plainEvent } from '../../core/model/event';
import { MINUTE } from '../../core/time/span';
import { isZone, wallOf } from '../../core/time/zone';
import { GUESSES, often, whoOf } from './often';
import { startsOf, Visitor, type Means, type Outcome, type Page } from './pages';
import { bookedView, offeredView, sentenceView, type Again } from './view';

/** How often one visitor may book, and how often one page may be booked. */
const BOOKS = { most: 10, within: 10 * MINUTE };
const OF_PAGE = { most: 60, within: 60 * MINUTE };

const LARGEST_FORM = 8_000;

const problems: Record<Exclude<Outcome['kind'], 'booked'>, string> = {
  taken:
    'Somebody has just taken this time. The next free one is chosen below; nothing of what you wrote is lost.',
  closed: 'This page cannot be booked any more.',
  tooMany: 'There are bookings of yours here that wait for an answer. Nothing was added to them.',
};

/** What others see: the free times of a page at its address, booking one, and what became of it. Nothing of it needs a script. */
export function bookedPages({ pages, now }: Means): Hono {
  const app = new Hono();
  const [booked, guessed, ofPage] = [often(BOOKS, now), often(GUESSES, now), often(OF_PAGE, now)];
  app.use(
    secureHeaders({
      referrerPolicy: 'no-referrer',
      contentSecurityPolicy: {
        defaultSrc: ["'none'"],
        styleSrc: ["'self'"],
        scriptSrc: ["'self'"],
        fontSrc: ["'self'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        baseUri: ["'none'"],
      },
    }),
  );
  app.use(bodyLimit({ maxSize: LARGEST_FORM, onError: (c) => c.text('This is too long.', 413) }));
  app.use(csrf());
  const none = (c: Context, status: 404 | 429, sentence: string) =>
    c.html(sentenceView({ title: 'Book a time' }, sentence), status, { 'Cache-Control': 'no-store' });
  app.use('/:token/*', async (c, next) => {
    if (guessed.isTooOften(whoOf(c)))
      return none(c, 429, 'Too many addresses were tried from here. Wait ten minutes.');
    if (!pages.get(c.req.param('token'))) {
      guessed.count(whoOf(c));
      return none(c, 404, 'There is nothing to book at this address, or not any more.');
    }
    await next();
    c.header('Cache-Control', 'no-store');
    return undefined;
  });
  const pageOf = (c: Context): Page => {
    const page = pages.get(c.req.param('token') ?? '');
    if (!page) throw new Error('It was there a moment ago.');
    return page;
  };
  const zoneOf = (c: Context, page: Page): string => {
    const asked = c.req.query('zone') ?? '';
    return isZone(asked) ? asked : page.offer.zone;
  };
  const frameOf = ({ offer }: Page) => ({ title: offer.title });
  const offered = (c: Context, page: Page, again?: Again, status: 200 | 400 | 409 | 429 = 200) =>
    c.html(
      offeredView({ ...frameOf(page), page, starts: startsOf(page, now()), zone: zoneOf(c, page), again }),
      status,
    );
  const there = (c: Context, page: Page, id: string) =>
    c.redirect(`/book/${page.token}/${id}?zone=${encodeURIComponent(zoneOf(c, page))}`, 303);

  app.get('/:token', (c) => offered(c, pageOf(c)));
  app.post('/:token', async (c) => {
    const page = pageOf(c);
    const form = await c.req.parseBody();
    const said = (name: string) => (typeof form[name] === 'string' ? form[name].trim() : '');
    const typed = { name: said('name'), address: said('address'), note: said('note') };
    if (booked.isTooOften(whoOf(c)) || ofPage.isTooOften(page.token))
      return offered(
        c,
        page,
        { ...typed, problem: 'Too many times were asked for in a short while. Try again in ten minutes.' },
        429,
      );
    const visitor = Visitor.safeParse({ ...typed, start: Number(said('start') || NaN) }).data;
    if (!visitor)
      return offered(
        c,
        page,
        { ...typed, problem: 'It takes a time, a name and an address to which an answer can go.' },
        400,
      );
    booked.count(whoOf(c));
    ofPage.count(page.token);
    const outcome = pages.book(page, visitor);
    if (outcome.kind === 'booked') return there(c, page, outcome.booking.id);
    return offered(c, pageOf(c), { ...typed, problem: problems[outcome.kind] }, 409);
  });

  app.use('/:token/:booking/*', async (c, next) => {
    if (pages.find(pageOf(c), c.req.param('booking'))) return next();
    guessed.count(whoOf(c));
    return none(c, 404, 'There is no such booking.');
  });
  const bookingOf = (c: Context, page: Page) => {
    const booking = pages.find(page, c.req.param('booking') ?? '');
    if (!booking) throw new Error('It was there a moment ago.');
    return booking;
  };
  app.get('/:token/:booking', (c) => {
    const page = pageOf(c);
    return c.html(bookedView({ ...frameOf(page), page, booking: bookingOf(c, page), zone: zoneOf(c, page) }));
  });
  app.post('/:token/:booking/take', async (c) => {
    const page = pageOf(c);
    const { id } = bookingOf(c, page);
    const { start } = await c.req.parseBody();
    const outcome = pages.take(page, id, Number(start));
    if (outcome.kind === 'booked') return there(c, page, id);
    const booking = bookingOf(c, pageOf(c));
    const problem =
      outcome.kind === 'taken' ? 'Somebody has just taken this time.' : 'This cannot be taken any more.';
    return c.html(bookedView({ ...frameOf(page), page, booking, zone: zoneOf(c, page), problem }), 409);
  });
  app.post('/:token/:booking/off', (c) => {
    const page = pageOf(c);
    const { id } = bookingOf(c, page);
    pages.callOff(page, id);
    return there(c, page, id);
  });
  app.get('/:token/:booking/meeting.ics', (c) => {
    const page = pageOf(c);
    const { id, start, minutes, sequence } = bookingOf(c, page);
    const uid = `booking-${id}`;
    const event = {
      ...{
        ...plainEvent,
        id: uid,
        calendarId: '',
        uid,
        sequence,
        title: `${page.offer.title}, ${page.offer.host}`,
      },
      start: { wall: wallOf(start, 'UTC'), zone: 'UTC' },
      length: { days: 0, seconds: minutes * 60 },
    };
    return c.body(writeEvent(event, { zone: 'UTC', now: now() }), 200, {
      'content-type': 'text/calendar; charset=utf-8',
      'content-disposition': 'attachment; filename="meeting.ics"',
    });
  });
  return app;
}
