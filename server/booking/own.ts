import { Hono, type Context } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { isZone } from '../../core/time/zone';
import { Answered, Offer } from '../../core/outside/booking';
import * as z from '../../core/zod';
import { isFromOwnPage, OWN_PAGES_ONLY } from '../ownPage';
import { GUESSES, often, whoOf } from './often';
import type { Means, Page } from './pages';

const LARGEST_OFFER = 100_000;

/** What whoever has made a page says to the server: the key that it was made with, and more. */
const Keyed = z.object({ key: z.string().check(z.minLength(20), z.maxLength(200)) });
const TOKEN = /^[\w-]{20,60}$/;

const asJson = async (c: Context): Promise<unknown> => {
  try {
    return await c.req.json();
  } catch {
    return undefined;
  }
};

/** What its owner does with a page: offers times, hears of bookings, answers them, takes it down. For pages of this server alone. */
export function ownPages({ pages, now }: Means): Hono {
  const app = new Hono();
  const guessed = often(GUESSES, now);
  app.use(bodyLimit({ maxSize: LARGEST_OFFER, onError: (c) => c.text('The request is too large.', 413) }));
  app.use(async (c, next) => {
    if (!isFromOwnPage(c)) return c.text(OWN_PAGES_ONLY, 403);
    if (guessed.isTooOften(whoOf(c))) return c.text('Not so often.', 429, { 'Retry-After': '600' });
    return next();
  });
  const refuse = (c: Context) => {
    guessed.count(whoOf(c));
    return c.text('There is no such page of yours.', 404);
  };
  /** What was said by the key of a page, and the page. */
  async function owned(c: Context): Promise<{ body: unknown; key: string; page: Page | undefined }> {
    const body = await asJson(c);
    const key = Keyed.safeParse(body).data?.key ?? '';
    return { body, key, page: pages.owned(c.req.param('token') ?? '', key) };
  }
  app.post('/:token/offer', async (c) => {
    const { body, key } = await owned(c);
    const { data: said } = z.object({ key: Keyed.shape.key, offer: Offer }).safeParse(body);
    const token = c.req.param('token');
    if (!said || !TOKEN.test(token) || !isZone(said.offer.zone)) return c.text('This is no offer.', 400);
    return pages.offer(token, key, said.offer) ? c.json({}) : refuse(c);
  });
  app.post('/:token/bookings', async (c) => {
    const { page } = await owned(c);
    return page ? c.json({ bookings: page.bookings }) : refuse(c);
  });
  app.post('/:token/answer', async (c) => {
    const { body, page } = await owned(c);
    const { data: said } = z.object({ answer: Answered }).safeParse(body);
    if (!page) return refuse(c);
    if (!said) return c.text('This is no answer.', 400);
    return c.json({ isThere: pages.answer(page, said.answer) });
  });
  app.post('/:token/remove', async (c) => {
    const { key } = await owned(c);
    return pages.remove(c.req.param('token'), key) ? c.json({}) : refuse(c);
  });
  return app;
}
