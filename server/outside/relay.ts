import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import * as z from '../../core/zod';
import { isFromOwnPage, OWN_PAGES_ONLY } from '../ownPage';
import { LIMITS, Refused, request, type Limits } from './request';

/** The largest thing that is sent to an outside service: an event or a task with all that is kept of it. */
const LARGEST_BODY = 1_000_000;

const METHODS = ['GET', 'POST', 'PUT', 'DELETE', 'PROPFIND', 'REPORT', 'OPTIONS'];
/** What may be said to an outside service beside its credentials. */
const HEADERS = [
  'accept',
  'authorization',
  'content-type',
  'depth',
  'if-match',
  'if-none-match',
  'if-modified-since',
  'prefer',
];
/** What of an answer the page gets to know, each by its own name with `outside-` before it. */
const TOLD = ['content-type', 'date', 'etag', 'last-modified', 'retry-after'];

const Wanted = z.object({
  method: z.string().check(z.refine((method) => METHODS.includes(method))),
  address: z.string().check(z.maxLength(4000)),
  headers: z.record(
    z.string().check(z.refine((name) => HEADERS.includes(name))),
    z.string().check(z.maxLength(4000), z.regex(/^[\x20-\x7e]*$/)),
  ),
  body: z.string(),
});

type RelayMeans = {
  readonly limits?: Limits;
  /** Calendars, the account and the mailbox of simulated services that can be tried out, if there are any. */
  readonly examples?: Examples | null;
};
/** `around` for that of another person. */
export type Example = { readonly name: string; readonly address: string; readonly around: boolean };
export type Examples = {
  readonly calendars: readonly Example[];
  readonly account: ExampleAccount;
  readonly mailbox: ExampleAccount;
};
type ExampleAccount = { readonly server: string; readonly username: string; readonly password: string };

const asJson = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

/**
 * Asks outside services in the name of the page, which may speak to nobody but this server: `POST /ask` with what to ask as
 * JSON. The answer is the body of the other side's, its status and what it says of it in headers that begin with `outside-`; or
 * `outside-refused` says why there is none. Only pages of this server are served. Nothing of it is kept or logged.
 */
export function relay({ limits = LIMITS, examples = null }: RelayMeans = {}): Hono {
  const app = new Hono();
  app.use(bodyLimit({ maxSize: LARGEST_BODY, onError: (c) => c.text('The request is too large.', 413) }));
  app.get('/examples', (c) => c.json(examples));
  app.post('/ask', async (c) => {
    if (!isFromOwnPage(c)) return c.text(OWN_PAGES_ONLY, 403);
    const wanted = Wanted.safeParse(asJson(await c.req.text()));
    if (!wanted.success) return c.text('This asks for something else than a request.', 400);
    try {
      const { status, headers, body, address, at } = await request(wanted.data, limits);
      c.header('outside-status', String(status));
      c.header('outside-address', address);
      c.header('outside-at', at);
      for (const name of TOLD) {
        const value = headers[name];
        if (typeof value === 'string') c.header(`outside-${name}`, value);
      }
      // never to be taken for a page or a script of this server
      c.header('content-type', 'application/octet-stream');
      c.header('cache-control', 'no-store');
      return c.body(new Uint8Array(body));
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      c.header('outside-refused', error.why);
      return c.body(null, 200);
    }
  });
  return app;
}
