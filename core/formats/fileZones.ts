import { instantOf, wallOf, type Zone } from '../time/zone';
import { wallValues, type Property, type WallValue } from './icalProperty';
import { Unreadable } from './readProblem';
import type { ZoneFinder } from './vendorZones';

const LEFT_OUT = 'It was left out.';

/** The values of a date or date-time property in zones that are known. Throws Unreadable for others and for times that do not exist. */
export function wallsIn(property: Property, findZone: ZoneFinder): WallValue[] {
  let values: WallValue[];
  try {
    values = wallValues(property);
  } catch {
    const what = `${property.name} “${property.raw.slice(0, 60)}” is no day or hour that exists`;
    throw new Unreadable(property.line, what, LEFT_OUT);
  }
  return values.map((value) => {
    if (value.zone === null || value.zone === 'UTC') return value;
    const zone = findZone(value.zone);
    if (!zone) throw new Unreadable(property.line, `The time zone “${value.zone}” is not known`, LEFT_OUT);
    return { ...value, zone };
  });
}

/** A wall time of the file, converted to the zone of the event's start, so that occurrences compare as text. */
export function wallLike(start: WallValue, value: WallValue): string {
  if (start.allDay) return value.wall.slice(0, 10);
  if (value.allDay) return `${value.wall}${start.wall.slice(10)}`;
  if (value.zone === start.zone || value.zone === null || start.zone === null) return value.wall;
  return wallOf(instantOf(value.wall, value.zone), start.zone);
}

/** A wall time of the file where the person is. */
export const wallAt = (value: WallValue, home: Zone): string =>
  value.allDay || value.zone === null ? value.wall : wallOf(instantOf(value.wall, value.zone), home);
