import { partsOf } from '../calendar/repeat';
import { ruleStarts } from '../calendar/rule';
import { instantOf, isZone, type Zone } from '../time/zone';
import type { Component } from './contentLines';

/** Finds the IANA zone that a TZID of a file means; undefined when there is none. */
export type ZoneFinder = (tzid: string) => Zone | undefined;

const samples = Array.from({ length: 24 }, (_, month) => {
  const date = `${2025 + Math.floor(month / 12)}-${String((month % 12) + 1).padStart(2, '0')}`;
  return [`${date}-03T12:00:00`, `${date}-28T12:00:00`];
}).flat();

/** What a part says under a name; of several lines the values one after the other. */
const valuesOf = ({ lines }: Component, name: string): string[] =>
  lines.flatMap(({ text }) => {
    const [, own, value = ''] = /^([\w-]+)(?:;[^:]*)?:(.*)$/s.exec(text) ?? [];
    return own?.toUpperCase() === name ? value.trim().split(name === 'RRULE' ? '\n' : ',') : [];
  });

/** `20070311T020000` as a wall time. */
function wallOfText(text: string): string {
  const [, year, month, day, h = '00', m = '00', s = '00'] =
    /^(\d{4})(\d\d)(\d\d)(?:T(\d\d)(\d\d)(\d\d))?/.exec(text) ?? [];
  if (!year) throw new Error(`${text} is no day`);
  return `${year}-${month}-${day}T${h}:${m}:${s}`;
}

/** `-0330` in minutes. */
function offsetOfText(text: string): number {
  const [, sign, h, m] = /^([+-])(\d\d)(\d\d)/.exec(text) ?? [];
  if (!sign) throw new Error(`${text} is no offset`);
  return (sign === '-' ? -1 : 1) * (Number(h) * 60 + Number(m));
}

/** The rules of a zone are followed no further together; the changes of three years are a few, days of as many about a thousand. */
const FURTHEST = 20_000;
const OF_EACH = 1100;
const AROUND = { from: '2024-01-01T00:00:00', to: '2027-01-01T00:00:00' };

type Onset = { readonly wall: string; readonly offset: number };

/** When a part (STANDARD or DAYLIGHT) begins to hold, about the years of the samples and last before them (RFC 5545 3.6.5). */
function onsetsOf(part: Component, _: number, { length }: readonly Component[]): Onset[] {
  const periods = Math.min(OF_EACH, Math.ceil(FURTHEST / length));
  const [offset = ''] = valuesOf(part, 'TZOFFSETTO');
  const [start = ''] = valuesOf(part, 'DTSTART');
  const first = wallOfText(start);
  const ruled = valuesOf(part, 'RRULE').flatMap((rule) => {
    const until = partsOf(rule).get('UNTIL');
    const last = until && wallOfText(until);
    return last && last < AROUND.from
      ? [last]
      : ruleStarts(rule, first, 'UTC', AROUND.from, AROUND.to, { starts: periods, periods });
  });
  return [first, ...ruled, ...valuesOf(part, 'RDATE').map(wallOfText)].map((wall) => ({
    wall,
    offset: offsetOfText(offset),
  }));
}

/** UTC offset, in minutes, of each sample as a VTIMEZONE tells it; undefined where it tells none. */
function offsetsOf(zone: Component): number[] | undefined {
  try {
    const onsets = zone.parts.flatMap(onsetsOf).sort((a, b) => (a.wall < b.wall ? -1 : 1));
    if (onsets.length === 0) return undefined;
    return samples.map(
      (wall) => (onsets.filter((onset) => onset.wall <= wall).at(-1) ?? onsets[0])?.offset ?? 0,
    );
  } catch {
    return undefined;
  }
}

const hasOffsets = (zone: Zone, offsets: readonly number[]) =>
  samples.every((wall, i) => (Date.parse(`${wall}Z`) - instantOf(wall, zone)) / 60_000 === offsets[i]);

/**
 * Zones under a file's own names: the TZID itself, its last part or X-LIC-LOCATION when the runtime knows it,
 * else a known zone whose clock agrees with the file's VTIMEZONE through 2025 and 2026, the person's own first.
 */
export function zoneFinder(vtimezones: readonly Component[], home: Zone): ZoneFinder {
  const valueOf = (zone: Component, name: string) =>
    zone.lines
      .find(({ text }) => text.toUpperCase().startsWith(`${name}:`))
      ?.text.slice(name.length + 1)
      .trim();
  const found = new Map<string, Zone | undefined>();

  const search = (tzid: string): Zone | undefined => {
    const definition = vtimezones.find((zone) => valueOf(zone, 'TZID') === tzid);
    const names = [
      tzid,
      tzid.split('/').slice(-2).join('/'),
      definition && valueOf(definition, 'X-LIC-LOCATION'),
    ];
    const known = names.find((name): name is string => !!name && isZone(name));
    if (known) return known;
    const offsets = definition && offsetsOf(definition);
    return offsets && [home, ...Intl.supportedValuesOf('timeZone')].find((zone) => hasOffsets(zone, offsets));
  };

  return (tzid) => {
    if (!found.has(tzid)) found.set(tzid, search(tzid));
    return found.get(tzid);
  };
}
