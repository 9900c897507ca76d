import { Hono } from 'hono';
import { escaped } from '../../core/formats/writeLine';
import { etagOf, type Collection } from './collection';
import { calendars as contents } from './contents';
import { partsOf, periodOf } from './events';
import type { Fault } from './faults';

/** How often it asks to be asked (RFC 7986 5.7), in minutes. */
const EVERY = 5;

/** A stream of iCalendar (RFC 5545) with what stands in it. */
const stream = (lines: Iterable<string>): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Town//Stand-ins//EN',
    `REFRESH-INTERVAL;VALUE=DURATION:PT${EVERY}M`,
    ...lines,
    'END:VCALENDAR',
    '',
  ].join('\r\n');

/** A calendar as one stream; the zone that several things need stands there once. */
const streamOf = (name: string, texts: readonly string[]): string =>
  stream([`NAME:${escaped(name)}`, ...new Set(texts.flatMap(partsOf))]);

/** When a person is busy, in UTC, without a word of why (VFREEBUSY, RFC 5545 3.6.4). */
const busyOf = (texts: readonly string[], zone: string | undefined): string =>
  stream([
    ...(zone ? [`X-WR-TIMEZONE:${zone}`] : []),
    'BEGIN:VFREEBUSY',
    ...texts.map((text) => `FREEBUSY;FBTYPE=BUSY:${periodOf(text)}`),
    'END:VFREEBUSY',
  ]);

/** Calendars as files over HTTP, with what conditional requests go by (RFC 9110 13). `fault` says how one is broken. */
export function feeds(calendars: ReadonlyMap<string, Collection>, fault: (key: string) => Fault) {
  const app = new Hono();
  app.get('/:file', (c) => {
    const [key = '', kind] = c.req.param('file').split('.');
    const calendar = calendars.get(key);
    if (!calendar) return c.text('There is no such calendar.', 404);
    const texts = fault(key) === 'empty' ? [] : [...calendar.all().values()].map((one) => one.text);
    const text = kind === 'ifb' ? busyOf(texts, contents[key]?.zone) : streamOf(calendar.name, texts);
    const etag = etagOf(text);
    c.header('ETag', etag);
    c.header('Last-Modified', new Date(calendar.changedAt()).toUTCString());
    // If-None-Match goes before If-Modified-Since (RFC 9110 13.2.2)
    const known = c.req.header('if-none-match');
    const since = Date.parse(c.req.header('if-modified-since') ?? '');
    const same = known ? known === etag : since >= calendar.changedAt();
    // half of nothing would be nothing
    if (same && fault(key) !== 'half') return c.body(null, 304);
    c.header('Content-Type', 'text/calendar; charset=utf-8');
    return c.body(text);
  });
  return app;
}
