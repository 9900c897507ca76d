import { meeting, task, zone } from '../fixtures/make';
import type { Task } from '../model/task';
import { workspaceOf } from '../model/workspace';
import { blocksOfTask } from '../tasks/places';
import { instantOf } from '../time/zone';
import { makingRoom, shortBecauseOf } from './request';
import { mendWords } from './mendWords';
import { takesWords } from './words';

const on = (wall: string) => instantOf(`2026-11-${wall}`, zone);
const now = on('24T15:00');
/** It is Tuesday at three: two hours are left of it, and eight of Wednesday but for the visit of two. */
const visit = meeting('c/x', '2026-11-25T10:00:00', 120, { title: 'Farm visit' });
const office = (
  tasks: Task[],
  blocks: { id: string; taskId: string; start: number; minutes: number }[] = [],
) =>
  workspaceOf({
    ...{ tasks, events: [visit], blocks },
    calendars: [{ id: 'c', name: 'Office', source: '', hue: 'fern', kept: [] }],
  });
const by = (date: string, time: string | null = null) => ({ due: { date: `2026-11-${date}`, time } });
const asked = { id: 'c/x@2026-11-25T10:00:00', from: on('25T10:00'), to: on('25T12:00') };

test('a meeting that is asked for says what it takes from what is due, and nothing where all fits beside it', () => {
  const papers = (estimate: number) => office([task('Papers', { estimate, ...by('25', '13:00') })]);
  const [takes] = shortBecauseOf(papers(300), asked, zone, now);
  expect(takes?.more).toBe(60);
  expect(takes && takesWords(takes, papers(300), zone, now)).toBe(
    'Until tomorrow 13:00: 1 h too little time with this meeting',
  );
  expect(shortBecauseOf(papers(240), asked, zone, now)).toEqual([]);
  // what would be short without it, too, is not its doing beyond that
  expect(shortBecauseOf(papers(600), asked, zone, now)[0]?.more).toBe(120);
  expect(
    shortBecauseOf(papers(600), { ...asked, from: on('30T10:00'), to: on('30T12:00') }, zone, now),
  ).toEqual([]);
});

test('what could make way for work that is asked for is named, without the work itself', () => {
  const request = { title: 'Map', minutes: 180, ...by('25', '10:00') };
  const notes = { id: 'n', taskId: 'Notes', start: on('24T15:00'), minutes: 60 };
  const workspace = office([task('Notes', { estimate: 60 })], [notes]);
  const words = makingRoom(workspace, request, zone, now).map((mend) =>
    mendWords(mend, workspace, zone, now),
  );
  expect(words).toContain('Move Notes to tomorrow 12:00');
  expect(words.some((each) => each.includes('Map'))).toBe(false);
  expect(blocksOfTask(workspace, 'Notes')).toEqual([notes]);
  expect(makingRoom(office([]), { ...request, minutes: 30 }, zone, now)).toEqual([]);
});
