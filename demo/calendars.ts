import { plainEvent, type Attendee, type Calendar, type CalendarEvent } from '@/core/model/event';
import { weekOf } from '@/core/time/week';
import { addDays, weekdayOf, type IsoDate, type Zone } from '@/core/time/zone';
import { addressOf, colleague, hearingGuests, self, weekly } from './office';

export const CALENDAR = 'office';
const COLLEAGUE = 'colleague';

/** A meeting that came when the week was sealed already. */
export const LATE_MEETING = `${CALENDAR}/heritage`;

/** The office's calendar, and that of a colleague to plan around. */
export const calendars: readonly Calendar[] = [
  { id: CALENDAR, name: 'Office', source: 'office.ics', hue: 'slate', kept: [] },
  { id: COLLEAGUE, name: colleague.name, source: 'ines.ics', hue: 'reed', kept: [], around: true },
];

export const at = (date: IsoDate, time: string) => `${date}T${time}:00`;

/** The working day `count` working days after `today` (before, when negative); 0 is today, or on a weekend the next Monday. */
export function workingDay(today: IsoDate, count: number): IsoDate {
  let date = today;
  while (weekdayOf(date) > 5) date = addDays(date, 1);
  const step = Math.sign(count);
  for (let left = Math.abs(count); left > 0;) {
    date = addDays(date, step);
    if (weekdayOf(date) <= 5) left -= 1;
  }
  return date;
}

type Guest = { readonly name: string; readonly answer: 'yes' | 'no' | 'maybe' };

const asGuest = ({ name, answer }: Guest): Attendee => {
  const address = addressOf(name);
  const state = { yes: 'ACCEPTED', no: 'DECLINED', maybe: 'TENTATIVE' }[answer];
  return { name, address, answer, line: `ATTENDEE;CN=${name};PARTSTAT=${state}:mailto:${address}` };
};

function meetings(today: IsoDate, zone: Zone): CalendarEvent[] {
  // so that eight weeks can be looked back on
  const monday = addDays(today, 1 - weekdayOf(today) - 63);
  const base = { ...plainEvent, calendarId: CALENDAR };
  const hearing = workingDay(today, 1);
  return [
    {
      ...base,
      id: `${CALENDAR}/crew`,
      uid: 'crew',
      title: 'Crew call',
      location: 'Call',
      start: { wall: at(monday, '09:00'), zone },
      length: { days: 0, seconds: 1800 },
      rule: 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH',
      calls: [{ uri: 'https://calls.example/crew', label: 'Crew room', line: '' }],
      reminders: [{ minutesBefore: 5, kept: [] }],
    },
    ...weekly.map(({ day, at: time, minutes, title, place, call, free, people }, i): CalendarEvent => ({
      ...base,
      id: `${CALENDAR}/weekly-${i}`,
      uid: `weekly-${i}`,
      title,
      location: place ?? '',
      calls: call ? [{ uri: `https://calls.example/${call}`, label: '', line: '' }] : [],
      busy: !free,
      attendees: people ? [self, ...people].map((name) => asGuest({ name, answer: 'yes' })) : [],
      start: { wall: at(addDays(monday, day), time), zone },
      length: { days: 0, seconds: minutes * 60 },
      rule: 'FREQ=WEEKLY',
    })),
    {
      ...base,
      id: `${CALENDAR}/hearing`,
      uid: 'hearing',
      title: 'Weir hearing',
      location: 'Town hall',
      notes: 'Bring the fish counts of both years and the drawing of the ladder.',
      categories: ['Permits'],
      attendees: hearingGuests.map(asGuest),
      start: { wall: at(hearing, '10:30'), zone },
      length: { days: 0, seconds: 7200 },
    },
    {
      ...base,
      id: LATE_MEETING,
      uid: 'heritage',
      title: 'Heritage society, the old weir',
      location: 'Call',
      start: { wall: at(addDays(weekOf(today, 1), 4), '13:30'), zone },
      length: { days: 0, seconds: 2700 },
    },
    {
      ...base,
      id: `${CALENDAR}/spawning`,
      uid: 'spawning',
      title: 'Spawning: no work in the river',
      busy: false,
      start: { wall: addDays(today, -1), zone: null },
      length: { days: 5, seconds: 0 },
    },
  ];
}

const meetingsOfColleague = (today: IsoDate, zone: Zone): CalendarEvent[] =>
  colleague.events.map(({ on, at: time, minutes, title }, i) => ({
    ...plainEvent,
    calendarId: COLLEAGUE,
    id: `${COLLEAGUE}/${i}`,
    uid: String(i),
    title,
    start: { wall: at(workingDay(today, on), time), zone },
    length: { days: 0, seconds: minutes * 60 },
  }));

/** What stands in both calendars around a day. */
export const eventsAround = (today: IsoDate, zone: Zone): CalendarEvent[] => [
  ...meetings(today, zone),
  ...meetingsOfColleague(today, zone),
];
