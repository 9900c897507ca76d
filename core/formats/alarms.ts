import ICAL from 'ical.js';
import { bounds } from '../model/bounds';
import { Alarm, alarmBefore } from '../model/reminder';
import { instantOf } from '../time/zone';
import { linesOf, type Component } from './contentLines';
import { readProperty, wallValues, type Property } from './icalProperty';
import { escaped, minutesText } from './writeLine';

/*
 * Alarms of events (RFC 5545 3.6.6): before or after the start or the end, at an instant, once or again; with what was
 * acknowledged elsewhere (RFC 9074). What is not understood of one goes out again as it came.
 */

/** The alarms inside an event; other components inside it, and alarms without a trigger that can be read, are kept as they are. */
export function readAlarms(part: Component): { known: Alarm[]; kept: string[] } {
  const known: Alarm[] = [];
  const kept: string[] = [];
  for (const inner of part.parts) {
    const alarm = inner.name === 'VALARM' ? readAlarm(inner) : null;
    if (alarm) known.push(alarm);
    else kept.push(...linesOf(inner));
  }
  return { known, kept };
}

function readAlarm({ lines, parts }: Component): Alarm | null {
  const properties = lines.map(readProperty).flatMap((read) => ('name' in read ? [read] : []));
  const named = (name: string) => properties.filter((property) => property.name === name);
  const [trigger] = named('TRIGGER');
  const triggers = lines.filter(({ text }) => /^TRIGGER\b/i.test(text));
  if (!trigger || triggers.length !== 1) return null;
  try {
    const kept = lines.filter(({ text }) => !/^TRIGGER\b/i.test(text)).map(({ text }) => text);
    const read = Alarm.safeParse({
      ...readTrigger(trigger, triggers[0]?.text ?? ''),
      ...readAgain(named('REPEAT')[0], named('DURATION')[0]),
      ...readAcknowledged(named('ACKNOWLEDGED')[0]),
      kept: [...kept, ...parts.flatMap(linesOf)],
    });
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/** When it rings. Throws where that cannot be read. */
function readTrigger(trigger: Property, line: string): Omit<Alarm, 'kept'> {
  if (trigger.type === 'date-time') return { minutesBefore: 0, at: instantIn(trigger), trigger: line };
  const minutes = -secondsIn(trigger) / 60;
  const whole = Math.round(minutes);
  return {
    minutesBefore: whole,
    ...(trigger.params.related?.toUpperCase() === 'END' ? { fromEnd: true } : {}),
    ...(whole === minutes ? {} : { trigger: line }),
  };
}

const secondsIn = (property: Property) => ICAL.Duration.fromString(String(property.values[0])).toSeconds();

/** An instant in UTC, as alarms tell theirs. */
function instantIn(property: Property): number {
  const [value] = wallValues(property);
  if (!value || value.allDay) throw new RangeError('It is no instant.');
  return instantOf(value.wall, 'UTC');
}

/** How often it rings again: whole minutes apart, and no more often than anything may. */
function readAgain(repeat: Property | undefined, duration: Property | undefined): Pick<Alarm, 'again'> {
  if (!repeat || !duration) return {};
  const times = Math.min(bounds.few, Number(repeat.values[0]));
  const minutes = Math.round(secondsIn(duration) / 60);
  return times >= 1 && minutes >= 1 && minutes <= bounds.leadMinutes ? { again: { times, minutes } } : {};
}

const readAcknowledged = (property: Property | undefined): Pick<Alarm, 'acknowledged'> =>
  property ? { acknowledged: instantIn({ ...property, type: 'date-time' }) } : {};

/** The lines of an alarm; one of our own shows the title. */
export const alarmLines = ({ minutesBefore, fromEnd, trigger, kept }: Alarm, title: string): string[] => [
  'BEGIN:VALARM',
  trigger ?? `TRIGGER${fromEnd ? ';RELATED=END' : ''}:${triggerText(minutesBefore)}`,
  ...(kept.length > 0 ? kept : ['ACTION:DISPLAY', `DESCRIPTION:${escaped(title)}`]),
  'END:VALARM',
];

/** The lines of alarms so many minutes before. */
export const leadLines = (leads: readonly number[], title: string): string[] =>
  leads.map(alarmBefore).flatMap((alarm) => alarmLines(alarm, title));

const triggerText = (minutesBefore: number) =>
  `${minutesBefore > 0 ? '-' : ''}${minutesText(Math.abs(minutesBefore))}`;
