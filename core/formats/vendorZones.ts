import ICAL from 'ical.js';
import { instantOf, isZone, type Zone } from '../time/zone';
import type { Component } from './contentLines';

/** Finds the IANA zone that a TZID of a file means; undefined when there is none. */
export type ZoneFinder = (tzid: string) => Zone | undefined;

const samples = Array.from({ length: 24 }, (_, month) => {
  const date = `${2025 + Math.floor(month / 12)}-${String((month % 12) + 1).padStart(2, '0')}`;
  return [`${date}-03T12:00:00`, `${date}-28T12:00:00`];
}).flat();

/** UTC offset, in minutes, of each sample as a VTIMEZONE tells it. */
function offsetsOf(zone: Component, tzid: string): number[] | undefined {
  try {
    const text = [zone, ...zone.parts].map((part) => part.lines.map((line) => line.text));
    const [own = [], ...parts] = text;
    const body = zone.parts.flatMap((part, i) => [
      `BEGIN:${part.name}`,
      ...(parts[i] ?? []),
      `END:${part.name}`,
    ]);
    const component = ICAL.Component.fromString(
      ['BEGIN:VTIMEZONE', ...own, ...body, 'END:VTIMEZONE'].join('\r\n'),
    );
    const timezone = new ICAL.Timezone({ component, tzid });
    return samples.map((wall) => timezone.utcOffset(ICAL.Time.fromDateTimeString(wall)) / 60);
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
    const offsets = definition && offsetsOf(definition, tzid);
    return offsets && [home, ...Intl.supportedValuesOf('timeZone')].find((zone) => hasOffsets(zone, offsets));
  };

  return (tzid) => {
    if (!found.has(tzid)) found.set(tzid, search(tzid));
    return found.get(tzid);
  };
}
