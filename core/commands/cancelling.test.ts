import { readCalendar } from '../formats/readCalendar';
import { emptyWorkspace, type Workspace } from '../model/workspace';
import { occurrencesIn } from '../calendar/occurrences';
import { at, zone } from '../fixtures/make';
import { cancelMeetings, knownCancellations } from './cancelling';
import { importCalendars } from './importing';

const file = (method: string, ...lines: readonly string[]) =>
  ['BEGIN:VCALENDAR', `METHOD:${method}`, 'BEGIN:VEVENT', ...lines, 'END:VEVENT', 'END:VCALENDAR'].join(
    '\r\n',
  );
const hearing = [
  'UID:hearing@county',
  'SUMMARY:Weir hearing',
  'DTSTART;TZID=Europe/London:20261125T090000',
  'DTEND;TZID=Europe/London:20261125T100000',
];
const weekly = [...hearing, 'RRULE:FREQ=WEEKLY;COUNT=4'];

const bring = (lines: readonly string[], id = 'office'): Workspace => {
  const [read] = readCalendar(file('REQUEST', ...lines), zone).calendars;
  const calendar = { id, name: id, source: `${id}.ics`, hue: 'brook' as const, kept: [] };
  return importCalendars.apply(emptyWorkspace, {
    imports: read ? [{ ...read, calendar }] : [],
    listId: 'list',
    at: at('08:00'),
  });
};
const cancelling = (...lines: readonly string[]) =>
  readCalendar(file('CANCEL', ...lines), zone).calendars.flatMap(({ cancels }) => cancels);
const days = (workspace: Workspace) =>
  occurrencesIn(workspace.events, { from: at('00:00'), to: at('00:00', '2026-12-31') }, zone).map(
    ({ recurrence }) => recurrence.slice(0, 10),
  );

test('a meeting that is called off is no invitation, and goes from whichever calendar it is in', () => {
  const cancels = cancelling(
    'UID:hearing@county',
    'SUMMARY:Weir hearing',
    'DTSTART:20261125T090000Z',
    'SEQUENCE:1',
  );
  expect(readCalendar(file('CANCEL', ...hearing), zone).calendars[0]?.events).toEqual([]);
  const there = bring(hearing, 'elsewhere');
  expect(days(there)).toEqual(['2026-11-25']);
  expect(knownCancellations(there, cancels)).toHaveLength(1);
  const after = cancelMeetings.apply(there, { cancels });
  expect(days(after)).toEqual([]);
  expect(after.events.size).toBe(1);
  expect(knownCancellations(after, cancels)).toEqual([]);
  expect(knownCancellations(emptyWorkspace, cancels)).toEqual([]);
});

test('of a meeting that repeats one time is called off, or all from one on', () => {
  const there = bring(weekly);
  const off = (...lines: readonly string[]) =>
    days(
      cancelMeetings.apply(there, {
        cancels: cancelling('UID:hearing@county', 'SUMMARY:Weir hearing', ...lines),
      }),
    );
  const third = 'TZID=Europe/London:20261209T090000';
  expect(off(`RECURRENCE-ID;${third}`, `DTSTART;${third}`)).toEqual([
    '2026-11-25',
    '2026-12-02',
    '2026-12-16',
  ]);
  expect(off(`RECURRENCE-ID;RANGE=THISANDFUTURE;${third}`, `DTSTART;${third}`)).toEqual([
    '2026-11-25',
    '2026-12-02',
  ]);
  expect(off('DTSTART;TZID=Europe/London:20261125T090000')).toEqual([]);
});
