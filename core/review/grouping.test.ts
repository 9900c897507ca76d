import * as fc from 'fast-check';
import { at, date, meeting, task, zone } from '../fixtures/make';
import type { Attendee } from '../model/event';
import type { TimeEntry } from '../model/plan';
import { workspaceOf } from '../model/workspace';
import { MINUTE, lengthOf, union } from '../time/span';
import { dayOf, instantOf } from '../time/zone';
import { SEVERAL, grouped, groupings, rowsInHours } from './grouping';
import { ledger } from './ledger';

const person = (name: string, address: string, answer: Attendee['answer'] = 'yes'): Attendee => ({
  name,
  address,
  answer,
  line: '',
});
const ines = person('Ines Ward', 'ines@trust.example');
const bram = person('Bram Okoye', 'bram@trust.example');

/** Over the week in which the clocks go back, so that an hour comes twice. */
const week = { from: instantOf('2026-10-24', zone), to: instantOf('2026-10-31', zone) };
const anyInstant = fc.integer({ min: week.from - 5 * 3_600_000, max: week.to + 5 * 3_600_000 });
const anyOffice = fc
  .record({
    entries: fc.array(
      fc.tuple(anyInstant, fc.integer({ min: 1, max: 30_000_000 }), fc.constantFrom('a', 'b', 'gone', null)),
      { maxLength: 14 },
    ),
    blocks: fc.array(fc.tuple(anyInstant, fc.integer({ min: 1, max: 600 }), fc.constantFrom('a', 'b')), {
      maxLength: 8,
    }),
    asked: fc.subarray([ines, bram, person('Ines Ward', 'ward@home.example'), person('Cy', 'cy@x.example')]),
  })
  .map(({ entries, blocks, asked }) =>
    workspaceOf({
      tasks: [task('a', { category: 'Writing' }), task('b')],
      categories: [{ id: 'Writing', name: 'Writing', hue: 'reed', rank: 0 }],
      events: [meeting('Team', '2026-10-24T09:10:00', 65, { rule: 'FREQ=DAILY;COUNT=6', attendees: asked })],
      blocks: blocks.map(([start, minutes, taskId], i) => ({ id: `${i}`, start, minutes, taskId })),
      entries: entries.map(([from, length, taskId], i): TimeEntry => ({
        id: `${i}`,
        from,
        to: from + length,
        subject: taskId
          ? { kind: 'task', taskId }
          : { kind: 'event', occurrence: 'Team@2026-10-25T09:10:00', title: 'Team' },
      })),
    }),
  );

test('over every grouping, and over the hours of work and the others, the sums are the same: the union of what was recorded', () => {
  fc.assert(
    fc.property(anyOffice, (office) => {
      const { rows, sums } = ledger(office, week, zone, week.to);
      const sum = (all: readonly { sums: { planned: number; actual: number } }[]) => [
        all.reduce((total, group) => total + group.sums.planned, 0),
        all.reduce((total, group) => total + group.sums.actual, 0),
      ];
      for (const by of groupings)
        expect([by, ...sum(grouped(office, rows, by, zone))]).toEqual([by, sums.planned, sums.actual]);
      const parts = (['in', 'out'] as const).map((hours) => rowsInHours(office, rows, hours, zone));
      const minutes = (lane: 'planned' | 'actual') =>
        parts.flat().reduce((total, row) => total + row[lane], 0);
      expect([minutes('planned'), minutes('actual')]).toEqual([sums.planned, sums.actual]);
      for (const { date: day } of rows) {
        const own = dayOf(day, zone);
        const covered = union(
          office.entries.values().map(({ from, to }) => ({
            from: Math.max(from, own.from),
            to: Math.min(to ?? 0, own.to),
          })),
        );
        const actual = rows.reduce((total, row) => total + (row.date === day ? row.actual : 0), 0);
        expect(actual).toBe(Math.round(covered.reduce((total, span) => total + lengthOf(span), 0)));
      }
    }),
    { numRuns: 60 },
  );
});

test('a minute that two entries cover goes to the one that began later', () => {
  const entries: TimeEntry[] = [
    { id: '1', subject: { kind: 'task', taskId: 'a' }, from: at('09:00'), to: at('11:00') },
    { id: '2', subject: { kind: 'other', title: 'Phone' }, from: at('09:30'), to: at('09:45') },
    { id: '3', subject: { kind: 'task', taskId: 'b' }, from: at('10:30'), to: at('11:30') },
  ];
  const office = workspaceOf({ tasks: [task('a'), task('b')], entries });
  const { rows } = ledger(office, dayOf(date, zone), zone, at('18:00'));
  expect(rows.map(({ title, actual }) => `${title} ${actual}`)).toEqual(['a 75', 'Phone 15', 'b 60']);
});

describe('time with people', () => {
  const office = (attendees: Attendee[], more: Attendee[] = []) =>
    workspaceOf({
      events: [
        meeting('Two of us', '09:00', 30, { attendees }),
        meeting('Round', '10:00', 60, { attendees: [...attendees, ...more] }),
        meeting('Alone', '14:00', 15),
      ],
    });
  const told = (attendees: Attendee[], more: Attendee[], own: string[] = []) => {
    const workspace = office(attendees, more);
    const { rows } = ledger(workspace, dayOf(date, zone), zone, at('18:00'));
    return grouped(workspace, rows, 'person', zone, own).map(({ key, sums }) => `${key} ${sums.planned}`);
  };

  test('is told for each, and taken off again where several share it', () => {
    expect(told([ines], [bram])).toEqual([
      'ines@trust.example 90',
      'bram@trust.example 60',
      `${SEVERAL} -60`,
      'null 15',
    ]);
  });

  test('somebody with two addresses is one, oneself is nobody, and who declined was not there', () => {
    const again = person('ines ward', 'ward@home.example');
    const away = person('Cy', 'cy@x.example', 'no');
    expect(told([ines, bram], [again, away], ['BRAM@trust.example'])).toEqual([
      'ines@trust.example 90',
      'null 15',
    ]);
  });
});

test('by the hour and by zone things are cut where these begin', () => {
  const office = workspaceOf({
    tasks: [task('a')],
    blocks: [{ id: '1', taskId: 'a', start: at('08:30'), minutes: 60 }],
    entries: [
      { id: '1', subject: { kind: 'task', taskId: 'a' }, from: at('08:50'), to: at('09:20') + MINUTE / 2 },
    ],
  });
  const { rows } = ledger(office, dayOf(date, zone), zone, at('18:00'));
  const told = (by: 'hour' | 'zone') =>
    grouped(office, rows, by, zone).map(({ key, sums }) => `${key} ${sums.planned} ${sums.actual}`);
  expect(told('hour')).toEqual(['08 30 10', '09 30 21']);
  expect(rowsInHours(office, rows, 'in', zone)).toMatchObject([{ planned: 30, actual: 21 }]);
});
