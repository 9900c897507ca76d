import { endReview, writeWeek } from '../commands/weeks';
import { changeSettings } from '../commands/calendar';
import { sealWeek } from '../commands/seals';
import { at, goal, meeting, task, zone } from '../fixtures/make';
import { allWeeksMarkdown, weekMarkdown } from '../formats/week/markdown';
import { firstList, workspaceOf, type Contents } from '../model/workspace';
import { sealOf } from '../plan/sealing';
import { findPages, gistOf, pageOf, usualMinutes, weekToReview } from './pages';
import { doneInWeek, leftOfWeek, parkedUntil, weeksAhead } from './week';

const week = '2026-11-16';
const next = '2026-11-23';
const now = at('12:00');
const block = (taskId: string, day: string, time = '09:00') => ({
  id: `${taskId} ${day}`,
  taskId,
  start: at(time, day),
  minutes: 60,
});
const officeOf = (contents: Contents = {}) => workspaceOf(contents);
const written = (first: string, text: string, minutes?: number) => ({
  id: first,
  text,
  ...(minutes ? { minutes, endedAt: at('16:00', first) } : {}),
});

test('early in a week the one before waits for its review, until it has been ended', () => {
  const lived = officeOf({ tasks: [task('a')], blocks: [block('a', '2026-11-18')] });
  expect(['2026-11-23', '2026-11-25', '2026-11-26'].map((day) => weekToReview(lived, day, zone))).toEqual([
    week,
    week,
    next,
  ]);
  expect(weekToReview(officeOf(), '2026-11-23', zone)).toBe(next);
  const ended = endReview.apply(lived, { week, at: now, minutes: 20.4, seal: null, today: '2026-11-24' });
  expect(ended.weeks.get(week)).toMatchObject({ endedAt: now, minutes: 20, text: '' });
  expect(weekToReview(ended, '2026-11-23', zone)).toBe(next);
});

test('a review takes as long as the last ones took in the middle, and a second one takes the place of the first', () => {
  const pages = [10, 60, 20, 30, 40, 50, 25, 35, 500].map((minutes, i) =>
    written(`2026-0${9 - i}-01`.replace('-00-', '-10-'), '', minutes),
  );
  expect(usualMinutes(officeOf())).toBeUndefined();
  // of nine the earliest does not count any more
  expect(usualMinutes(officeOf({ weeks: pages }))).toBe(30);
  const twice = [7, 12].reduce(
    (office, minutes) => endReview.apply(office, { week, at: now, minutes, seal: null, today: '2026-11-24' }),
    writeWeek.apply(officeOf(), { week, text: 'Quiet' }),
  );
  expect(twice.weeks.values()).toMatchObject([{ id: week, text: 'Quiet', minutes: 12 }]);
});

test('the end of a review seals the week that comes, in one step, or changes nothing', () => {
  const office = officeOf({ tasks: [task('a')], blocks: [block('a', '2026-11-25')] });
  const seal = sealOf(office, next, zone, now);
  const input = { week, at: now, minutes: 5, seal, today: '2026-11-22' };
  expect(endReview.apply(office, input).seals.get(next)?.blocks).toHaveLength(1);
  const sealed = sealWeek.apply(office, { seal, today: '2026-11-22' });
  expect(() => endReview.apply(sealed, input)).toThrow('sealed already');
});

test('pages are found by all their words, told by what they say first, and belong to the week in which they begin', () => {
  const office = officeOf({
    weeks: [
      written(week, '## What moved\n\nThe *annex* has its tables\n'),
      written('2026-11-09', 'Waited for the lab'),
      written('2026-11-02', '  \n'),
    ],
  });
  expect(findPages(office, '').map(({ id }) => id)).toEqual([week, '2026-11-09']);
  expect(findPages(office, 'Tables annex').map(gistOf)).toEqual(['The annex has its tables']);
  expect(findPages(office, 'annex lab')).toEqual([]);
  const sundays = changeSettings.apply(office, { weekStart: 7 });
  expect(pageOf(sundays, '2026-11-15')?.id).toBe(week);
  expect(writeWeek.apply(sundays, { week: '2026-11-15', text: 'More' }).weeks.size).toBe(3);
});

test('what is left of a week was planned in it until now, is not done and has no place ahead', () => {
  const office = officeOf({
    tasks: [
      task('left'),
      task('done', { doneAt: at('10:00', '2026-11-18') }),
      task('again'),
      task('tray'),
      task('twice'),
    ],
    blocks: [
      block('left', '2026-11-17'),
      block('done', '2026-11-18'),
      block('again', '2026-11-18'),
      block('again', '2026-11-26'),
      block('twice', '2026-11-17', '11:00'),
      block('twice', '2026-11-19'),
    ],
    tray: [{ id: 'tray', taskId: 'tray', date: '2026-11-20' }],
  });
  const titles = (first: string, at_: number) =>
    leftOfWeek(office, first, zone, at_).map(({ task: { id } }) => id);
  expect(titles(week, now)).toEqual(['left', 'twice', 'tray']);
  // in the middle of Tuesday nothing of Wednesday is left over
  expect(titles(week, at('10:30', '2026-11-17'))).toEqual(['left']);
});

test('what is done is told by goal and by list, and goes out as Markdown that is not taken for marks', () => {
  const office = officeOf({
    lists: [firstList, { ...firstList, id: 'grants', name: 'Grants *old*', rank: 1 }],
    tasks: [
      task('draft [1]', { listId: 'grants', doneAt: at('11:00', '2026-11-18') }),
      task('mail', { doneAt: at('11:00', '2026-11-19') }),
    ],
    blocks: [block('mail', '2026-11-19')],
    entries: [
      {
        id: 'e',
        subject: { kind: 'task', taskId: 'draft [1]' },
        from: at('09:00', '2026-11-18'),
        to: at('10:30', '2026-11-18'),
      },
    ],
    goals: [goal('Report', { tasks: ['draft [1]'], times: [{ date: week, minutes: 120 }] })],
    weeks: [written(week, 'It went **well**.')],
  });
  const done = doneInWeek(office, week, zone, now);
  expect(done.goals).toMatchObject([{ standing: { done: 90 }, tasks: [{ id: 'draft [1]' }] }]);
  expect(done.lists.map(({ list, minutes }) => [list.id, minutes])).toEqual([
    [firstList.id, 0],
    ['grants', 90],
  ]);
  const text = weekMarkdown(office, week, zone, now);
  expect(text).toContain('1 h planned, 1 h 30 done, drift +30 min.');
  expect(text).toContain('- Report: 2 h meant · 1 h 30 done · 1 of 1 tasks done');
  expect(text).toContain('- Grants \\*old\\*: 1 h 30 (draft \\[1\\])');
  expect(text.endsWith('It went **well**.\n')).toBe(true);
  expect(allWeeksMarkdown(office)).toBe('# 16 – 22 Nov\n\nIt went **well**.\n');
});

test('the coming weeks tell what is due, what takes days whole, and what waits parked', () => {
  const office = officeOf({
    tasks: [
      task('late', { due: { date: '2026-11-20', time: null } }),
      task('soon', { due: { date: '2026-12-02', time: null } }),
      task('far', { due: { date: '2026-12-20', time: null } }),
      task('fern', { parked: { at: 5, until: '2026-11-24' } }),
      task('moss', { parked: { at: 9, until: '2026-11-25' } }),
      task('peat', { parked: { at: 1, until: null } }),
    ],
    blocks: [block('soon', '2026-11-27')],
    events: [
      meeting('fair', '2026-11-28', 0, {
        start: { wall: '2026-11-28', zone: null },
        length: { days: 2, seconds: 0 },
      }),
    ],
  });
  const ahead = weeksAhead(office, next, zone, now);
  expect(ahead.deadlines.map(({ task: { id }, isPlaced }) => [id, isPlaced])).toEqual([
    ['late', false],
    ['soon', true],
  ]);
  expect(ahead.wholeDays.map(({ title }) => title)).toEqual(['fair']);
  expect(ahead.days).toHaveLength(14);
  expect(parkedUntil(office, '2026-11-24').map(({ id }) => id)).toEqual(['fern']);
});
