import { randomUUID } from 'node:crypto';
import type { HttpBindings } from '@hono/node-server';
import { Hono } from 'hono';
import { csrf } from 'hono/csrf';
import { wallOf, type Zone } from '../../core/time/zone';
import type { Examples } from '../outside/relay';
import { townClock } from './clock';
import { collection, type Collection } from './collection';
import { account, caldav } from './caldav';
import { calendars as contents, TRACKER, tracker } from './contents';
import { cancelled, errandText, fill, finished, meetingText, moved, renamed } from './events';
import { breaking, isFault, type Fault } from './faults';
import { feeds } from './feeds';
import { jmap } from './mail/jmap';
import { mailbox } from './mail/mailbox';
import { mailPage, mailPlays } from './mail/page';
import { post as postOf } from './mail/post';
import { townPage } from './page';
import { script } from './script';

/** The calendars of a town at an address, and its account, for those who want to try them. */
export const examplesAt = (address: string): Examples => ({
  calendars: Object.entries(contents).flatMap(([key, { name, around = false, own = false }]) =>
    own ? [] : [{ name, address: `${address}/feeds/${key}.${around ? 'ifb' : 'ics'}`, around }],
  ),
  account: { server: `${address}/dav/`, ...account },
  mailbox: { server: `${address}/.well-known/jmap`, ...account },
});

type Opening = {
  readonly zone: Zone;
  /** When it opens, epoch ms; else now. */
  readonly now?: number;
  /** Where it is reached, if that is known. */
  readonly address?: string;
};

/** An hour, in minutes: what the page moves things by. */
const STEP = 60;

/**
 * The town of stand-ins: small simulated services in open standards, with a clock of their own, things that happen by
 * themselves, and a page (`/`) on which one plays the other side. What it holds lies in memory.
 */
export function town({ zone, now, address: page }: Opening) {
  const clock = townClock();
  if (now !== undefined) clock.set(now);
  const calendars = new Map<string, Collection>();
  for (const [key, { name, meetings }] of Object.entries(contents)) {
    const calendar = collection(name, clock.now);
    fill(calendar, meetings, zone, clock.now());
    calendars.set(key, calendar);
  }
  const tasks = collection(tracker.name, clock.now);
  for (const errand of tracker.tasks)
    tasks.put(`${errand.uid}.ics`, errandText(errand, zone, clock.now(), page && `${page}/`));
  calendars.set(TRACKER, tasks);
  const broken = new Map<string, Fault>();
  const faultOf = (service: string) => broken.get(service) ?? 'none';
  const box = mailbox(clock.now);
  const post = postOf({ box, zone, now: clock.now });
  const opening = post.open();
  const { catchUp, tells } = script({ calendars, post, zone, now: clock.now }, clock.now());

  const plays: Record<string, (calendar: Collection, href: string, text: string) => void> = {
    earlier: (calendar, href, text) => void calendar.put(href, moved(text, -STEP, clock.now())),
    later: (calendar, href, text) => void calendar.put(href, moved(text, STEP, clock.now())),
    cancel: (calendar, href, text) => void calendar.put(href, cancelled(text, clock.now())),
    finish: (calendar, href, text) => void calendar.put(href, finished(text, clock.now())),
    remove: (calendar, href) => void calendar.remove(href),
  };

  const app = new Hono<{ Bindings: HttpBindings }>();
  app.use('/play/*', csrf());
  app.use(async (_, next) => {
    await opening;
    catchUp();
    await post.answerDue();
    await next();
  });
  app.use('/feeds/:file', (c, next) => {
    const [key = ''] = c.req.param('file').split('.');
    return breaking(() => faultOf(key), clock.now)(c, next);
  });
  app.use('/dav/calendars/:account/:key/*', (c, next) =>
    breaking(() => faultOf(c.req.param('key')), clock.now)(c, next),
  );
  app.use(
    '/jmap/*',
    breaking(() => faultOf('mail'), clock.now),
  );
  app.route(
    '/',
    jmap(box, (mail) => post.sent(mail)),
  );
  app.route(
    '/play/mail',
    mailPlays(post, (fault) => void broken.set('mail', fault)),
  );
  app.on(['GET', 'PROPFIND'], '/.well-known/caldav', (c) => c.redirect('/dav/', 301));
  const shelves = [...calendars].filter(([key]) => key === TRACKER || contents[key]?.own);
  app.route(
    '/',
    caldav(
      new Map(
        shelves.map(([key, calendar]) => [
          key,
          {
            collection: calendar,
            takes: key === TRACKER ? ['VTODO'] : ['VEVENT'],
            isEmpty: () => faultOf(key) === 'empty',
          },
        ]),
      ),
    ),
  );
  app.route('/feeds', feeds(calendars, faultOf));
  app.get('/', (c) => {
    const address = new URL(c.req.url).origin;
    return c.html(
      townPage({
        address,
        now: wallOf(clock.now(), zone).slice(0, 16).replace('T', ' '),
        calendars,
        faultOf,
        tells,
        mail: mailPage({ box, post, zone, fault: faultOf('mail'), address }),
      }),
    );
  });
  app.post('/play/:calendar/fault', async (c) => {
    const { fault } = await c.req.parseBody();
    if (typeof fault === 'string' && isFault(fault)) broken.set(c.req.param('calendar'), fault);
    return c.redirect('/', 303);
  });
  app.post('/play/:calendar/add', async (c) => {
    const { title } = await c.req.parseBody();
    const uid = randomUUID();
    const thing = { uid, title: String(title).slice(0, 200), inDays: 1, at: '11:00', minutes: STEP };
    const key = c.req.param('calendar');
    const text =
      key === TRACKER
        ? errandText(thing, zone, clock.now(), page && `${page}/`)
        : meetingText(thing, zone, clock.now());
    calendars.get(key)?.put(`${uid}.ics`, text);
    return c.redirect('/', 303);
  });
  app.post('/play/:calendar/:href/rename', async (c) => {
    const { calendar: key, href } = c.req.param();
    const { title } = await c.req.parseBody();
    const text = calendars.get(key)?.get(href)?.text;
    if (text !== undefined)
      calendars.get(key)?.put(href, renamed(text, String(title).slice(0, 200), clock.now()));
    return c.redirect('/', 303);
  });
  app.post('/play/:calendar/:href/:how', (c) => {
    const { calendar: key, href, how } = c.req.param();
    const calendar = calendars.get(key);
    const text = calendar?.get(href)?.text;
    if (calendar && text !== undefined && Object.hasOwn(plays, how)) plays[how]?.(calendar, href, text);
    return c.redirect('/', 303);
  });
  return {
    app,
    clock,
    /** What stands under a name in one of its calendars. */
    textOf: (key: string, href: string) => calendars.get(key)?.get(href)?.text,
    namesIn: (key: string) => [...(calendars.get(key)?.all().keys() ?? [])],
    /** What lies in its mailbox. */
    mails: box.all,
    breakService: (service: string, fault: Fault) => void broken.set(service, fault),
  };
}
