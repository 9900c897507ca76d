import type { HttpBindings } from '@hono/node-server';
import type { MiddlewareHandler } from 'hono';

/** How a service of the town can be broken; each is a way in which real ones break. */
export const faults = [
  'none',
  'down',
  'slow',
  '401',
  '404',
  '410',
  '412',
  '429',
  'garbage',
  'page',
  'half',
  'empty',
  'clock',
  'inward',
] as const;
export type Fault = (typeof faults)[number];

export const isFault = (text: string): text is Fault => (faults as readonly string[]).includes(text);

/** What each is called on the page of the town. */
export const faultNames: Record<Fault, string> = {
  none: 'works',
  down: 'down: hangs up on whoever asks',
  slow: 'slow: answers after half a minute',
  401: '401: asks who it is',
  404: '404: not found',
  410: '410: gone for good',
  412: '412: has another version',
  429: '429: not so often, try again in two minutes',
  garbage: 'garbage: bytes without a meaning',
  page: 'a web page in the place of a calendar',
  half: 'half an answer',
  empty: 'an empty calendar',
  clock: 'a clock that is a year behind',
  inward: 'leads on to an address of this machine',
};

const SLOW = 30_000;
const YEAR = 365 * 86_400_000;

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms));

type Env = { Bindings: HttpBindings };

/** Breaks a service as it is told to; `now` is the clock of the town. */
export const breaking =
  (fault: () => Fault, now: () => number): MiddlewareHandler<Env> =>
  async (c, next) => {
    const how = fault();
    switch (how) {
      case 'down':
        c.env.outgoing.destroy();
        return c.body(null);
      case 'slow':
        await wait(SLOW);
        return next();
      case '401':
        return c.text('Who are you?', 401, { 'WWW-Authenticate': 'Basic realm="town"' });
      case '404':
        return c.text('Nothing is here.', 404);
      case '410':
        return c.text('It is gone for good.', 410);
      case '412':
        return c.text('It is another version.', 412);
      case '429':
        return c.text('Not so often.', 429, { 'Retry-After': '120' });
      case 'garbage':
        return c.body(new Uint8Array(2000).map((_, i) => (i * 7919) % 256));
      case 'page':
        return c.html('<!doctype html><title>Sign in</title><p>Sign in to see this calendar.</p>');
      case 'inward':
        return c.redirect('http://127.0.0.1:9/inner.ics', 302);
      case 'half': {
        await next();
        const whole = new Uint8Array(await c.res.arrayBuffer());
        c.env.outgoing.writeHead(200, { 'content-type': 'text/calendar', 'content-length': whole.length });
        c.env.outgoing.write(whole.slice(0, whole.length / 2), () => c.env.outgoing.destroy());
        return undefined;
      }
      case 'clock':
        await next();
        c.header('Date', new Date(now() - YEAR).toUTCString());
        c.header('Last-Modified', new Date(now() - YEAR).toUTCString());
        return undefined;
      case 'empty':
      case 'none':
        return next();
    }
  };
