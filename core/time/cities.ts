import { rawTimeZones } from '@vvo/tzdb';
import { Temporal } from 'temporal-polyfill';
import { durationWords } from './words';
import { isZone, nameOfZone, type Zone } from './zone';

/** A city (or a country, or a zone by its own name) and the zone that it keeps its time by. */
export type City = { readonly name: string; readonly country: string; readonly zone: Zone };

/** Every city that is known, by the time zone database as @vvo/tzdb tells it. */
const cities: readonly City[] = rawTimeZones.flatMap(({ name: zone, mainCities, group, countryName }) => {
  const names = new Set([...mainCities, nameOfZone(zone), ...group.map(nameOfZone)]);
  return [...names].map((name) => ({ name, country: countryName, zone }));
});

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();

/** Cities that typed text may mean, the closest first, no more than `most`: by name, by its beginning, by country or zone. */
export function findCities(typed: string, most = 5): City[] {
  const text = plain(typed);
  if (text.length < 2) return [];
  const rank = ({ name, country, zone }: City) => {
    const city = plain(name);
    if (city === text) return 0;
    if (city.startsWith(text)) return 1;
    if (plain(zone) === text) return 2;
    return plain(country).startsWith(text) ? 3 : -1;
  };
  return cities
    .map((city) => ({ city, by: rank(city) }))
    .filter(({ city, by }) => by >= 0 && isZone(city.zone))
    .sort((a, b) => a.by - b.by)
    .slice(0, most)
    .map(({ city }) => city);
}

/** What a zone is called, by its main city. */
export function cityOf(zone: Zone): string {
  const known = rawTimeZones.find(({ name, group }) => name === zone || group.includes(zone));
  const own = nameOfZone(zone);
  return known?.mainCities.includes(own) ? own : nameOfZone(known?.name ?? zone);
}

const offsetAt = (zone: Zone, instant: number) =>
  Temporal.Instant.fromEpochMilliseconds(instant).toZonedDateTimeISO(zone).offsetNanoseconds / 6e10;

/** How far a zone's clocks are from those of another at an instant: `9 h ahead`, `5 h behind`, `the same time`. */
export function aheadWords(zone: Zone, home: Zone, instant: number): string {
  const minutes = Math.round(offsetAt(zone, instant) - offsetAt(home, instant));
  if (minutes === 0) return 'the same time';
  return `${durationWords(Math.abs(minutes))} ${minutes > 0 ? 'ahead' : 'behind'}`;
}
