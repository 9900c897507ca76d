import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { bounds, shortened } from '../model/bounds';
import type { EventLength } from '../model/event';
import type { Component, ContentLine, Problem } from './contentLines';

/** A parsed property: upper-case name, parameters, type and values as jCal (RFC 7265) has them. */
export type Property = {
  readonly name: string;
  readonly line: number;
  readonly params: Readonly<Record<string, string>>;
  readonly type: string;
  readonly values: readonly unknown[];
  /** What follows the first colon outside quotes, untouched. */
  readonly raw: string;
};

/** A wall time out of a property: `wall` is ISO; `zone` null when floating, `UTC` for a Z time, else the TZID. */
export type WallValue = { readonly wall: string; readonly zone: string | null; readonly allDay: boolean };

/** Parses one content line. A line that cannot be read comes back as a problem. */
export function readProperty(content: ContentLine): Property | Problem {
  const shown = content.text.length > 40 ? `${content.text.slice(0, 40)}…` : content.text;
  const unreadable = (why: string) => ({ where: content.line, what: `“${shown}” cannot be read`, hint: why });
  if (content.text.length > bounds.line) return unreadable('The line is too long.');
  try {
    // ical.js types jCal as any[]: name, parameters, type, values
    const [name, params, type, ...values] = ICAL.parse.property(content.text) as [
      string,
      Record<string, string>,
      string,
      ...unknown[],
    ];
    const raw = content.text.replace(/^(?:"[^"]*"|[^":])*:/, '');
    return { name: name.toUpperCase(), line: content.line, params, type, values, raw };
  } catch (error) {
    return unreadable(error instanceof Error ? error.message : 'It is not a property.');
  }
}

/** The date or date-time values of a property. Throws a RangeError for a day or hour that does not exist. */
export function wallValues(property: Property): WallValue[] {
  return property.values.map((value) => {
    const text = String(Array.isArray(value) ? value[0] : value);
    if (property.type === 'date' || /^\d{4}-\d{2}-\d{2}$/.test(text)) {
      const date = Temporal.PlainDate.from(text, { overflow: 'reject' }).toString();
      return { wall: date, zone: null, allDay: true };
    }
    const wall = Temporal.PlainDateTime.from(text.replace(/Z$/, ''), { overflow: 'reject' });
    const zone = text.endsWith('Z') ? 'UTC' : (property.params.tzid ?? null);
    return { wall: wall.toString({ smallestUnit: 'second' }), zone, allDay: false };
  });
}

/** Something that would last longer than anything may. */
export class TooLong extends RangeError {}

/** A length, as long as it is no longer than events may be. Throws TooLong. */
export function bounded(length: EventLength): EventLength {
  if (length.days + length.seconds / 86_400 > bounds.eventDays) throw new TooLong('It is too long.');
  return length;
}

/** A DURATION value (RFC 5545 3.3.6): days are nominal, the rest exact. Throws when it is none, a RangeError when negative or too long. */
export function durationValue(property: Property): EventLength {
  return lengthOfText(String(property.values[0]));
}

/** RFC 5545 3.3.6; weeks beside days are taken, too, years and months are of no certain length. */
const DURATION = /^[+-]?P(?=\d|T\d)(?:\d+W)?(?:\d+D)?(?:T(?=\d)(?:\d+H)?(?:\d+M)?(?:\d+S)?)?$/i;

/** A length as text, `P1DT2H`. Throws when it is none, a RangeError when negative or too long. */
export function lengthOfText(text: string): EventLength {
  if (!DURATION.test(text)) throw new Error(`“${text}” is no length.`);
  const { isNegative, weeks, days, hours, minutes, seconds } = ICAL.Duration.fromString(text);
  if (isNegative) throw new RangeError('A length cannot be negative.');
  return bounded({ days: weeks * 7 + days, seconds: hours * 3600 + minutes * 60 + seconds });
}

/** The name of the property on a line, upper case; null when the line has none. */
export const nameOf = ({ text }: ContentLine): string | null =>
  /^([\w-]+)[;:]/.exec(text)?.[1]?.toUpperCase() ?? null;

/** What escaped text says (RFC 5545 3.3.11). */
const unescaped = (text: string) =>
  text.replace(/\\([\\;,nN])/g, (_, sign: string) => (/n/i.test(sign) ? '\n' : sign));

/** How long the text of a property may be, and what it is called. */
const lengths: Readonly<Record<string, readonly [number, string]>> = {
  SUMMARY: [bounds.title, 'title'],
  LOCATION: [bounds.place, 'place'],
  DESCRIPTION: [bounds.notes, 'text'],
};

/** That the text of a property is longer than is taken in. */
function tooMuch(property: Property): Problem[] {
  const [most, what] = lengths[property.name] ?? [];
  if (most === undefined || textOf(property).length <= most) return [];
  return [
    {
      where: property.line,
      what: `The ${what} is longer than ${most.toLocaleString('en')} characters`,
      hint: 'It was shortened.',
    },
  ];
}

/** The value of a property as text; ical.js leaves those that it does not know as they stand in the file. */
const textOf = ({ type, values }: Property) => {
  const text = String(values[0] ?? '');
  return type === 'unknown' ? unescaped(text) : text;
};

/** The lines of a component that are understood, by name, those that are only kept, what cannot be read, and what is cut. */
export function sortLines(part: Component, understood: ReadonlySet<string>) {
  const properties: Property[] = [];
  const kept: string[] = [];
  const broken: { line: ContentLine; problem: Problem }[] = [];
  for (const line of part.lines) {
    const name = nameOf(line);
    if (name !== null && !understood.has(name) && line.text.length <= bounds.line) {
      kept.push(line.text);
      continue;
    }
    const property = readProperty(line);
    if ('name' in property) properties.push(property);
    else broken.push({ line, problem: property });
  }
  const all = (wanted: string) => properties.filter(({ name }) => name === wanted);
  const text = (wanted: string) =>
    shortened(all(wanted).slice(0, 1).map(textOf).join('').trim(), lengths[wanted]?.[0] ?? bounds.line);
  return { all, text, kept, broken, cut: properties.flatMap(tooMuch) };
}
