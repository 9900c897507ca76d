import { readFileSync } from 'node:fs';
import { occurrencesIn } from '@/core/calendar/occurrences';
import { readWorkspaceFile } from '@/core/formats/workspaceFile';
import { instantOf, wallOf } from '@/core/time/zone';
import { memory } from './fixtures/memory';
import { repository } from './repository';

/**
 * What the first version of the program stored and exported. The file is never written anew: whoever changes the
 * shape of the data adds a migration, and this test goes on opening what people have had since then.
 */
const { stored, file } = JSON.parse(readFileSync('state/fixtures/version1.json', 'utf8')) as {
  stored: Record<string, string>;
  file: string;
};

const storage = memory(stored);

test('a workspace that version 1 stored opens whole, and shows the days it showed', async () => {
  const { workspace, damaged } = await repository(storage).load(0);
  expect(damaged).toEqual([]);
  const { settings, tasks, blocks, tray, entries, lists, calendars, events } = workspace;
  expect(settings.theme).toBe('dark');
  expect([tasks, blocks, tray, entries, lists, calendars, events].map(({ size }) => size)).toEqual([
    5, 3, 1, 4, 4, 2, 3,
  ]);
  const zone = 'Europe/London';
  const november = { from: instantOf('2026-11-01', zone), to: instantOf('2026-11-24', zone) };
  const surveys = occurrencesIn(events, november, zone).filter(
    ({ calendarId }) => calendarId === 'survey-calendar',
  );
  expect(surveys.map(({ title, from }) => `${wallOf(from, zone)} ${title}`)).toEqual([
    '2026-11-02T09:00:00 Gauge survey',
    '2026-11-05T14:00:00 Gauge survey',
    '2026-11-17T10:00:00 Gauge survey, moved',
    '2026-11-23T09:00:00 Gauge survey',
  ]);
});

test('a file that version 1 exported comes in as the same workspace', async () => {
  const { workspace } = await repository(storage).load(0);
  expect(readWorkspaceFile(file)).toEqual(workspace);
});
