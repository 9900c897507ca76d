import type { Context } from 'hono';

/**
 * Whether a request comes from a page of this server. JSON needs the leave of this server to be sent from elsewhere, which it never
 * gives.
 */
export const isFromOwnPage = (c: Context): boolean =>
  (c.req.header('sec-fetch-site') ?? 'same-origin') === 'same-origin' &&
  /^application\/json\b/.test(c.req.header('content-type') ?? '');

/** What others hear. */
export const OWN_PAGES_ONLY = 'This is for pages of this server alone.';
