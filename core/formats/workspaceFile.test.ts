import * as fc from 'fast-check';
import { fileOfPartitions } from './partitionsFile';
import { readFileSync } from 'node:fs';
import { toJSONSchema } from 'zod/mini';
import { demoWorkspace } from '@/demo/generate';
import { mergeCounts, mergeWorkspace, replaceEverything } from '../commands/merging';
import { editTask } from '../commands/tasks';
import { applyChanges, changesBetween, reversed } from '../commands/changes';
import { emptyWorkspace } from '../model/workspace';
import { instantOf } from '../time/zone';
import {
  NotAWorkspace,
  contentsOf,
  readWorkspaceFile,
  WorkspaceFile,
  writeWorkspaceFile,
} from './workspaceFile';

const zone = 'Europe/London';
const office = demoWorkspace({ seed: 5, now: instantOf('2026-11-24T11:20', zone), zone });
const file = writeWorkspaceFile(office);
const changed = (change: (content: { version: number; tasks: { title: unknown }[] }) => void) => {
  const content = JSON.parse(file);
  change(content);
  return JSON.stringify(content);
};

test('a workspace comes back from its file without loss', () => {
  expect(readWorkspaceFile(file).workspace).toEqual(office);
  expect(readWorkspaceFile(`\uFEFF${writeWorkspaceFile(emptyWorkspace)}`).workspace).toEqual(emptyWorkspace);
});

test('what lies in storage becomes a file without being read, and what is no partition is kept beside it', () => {
  const part = (version: number, content: unknown) => JSON.stringify({ version, content });
  const [one, two] = JSON.parse(file).tasks;
  const text = fileOfPartitions({
    'tasks/open-0': part(3, [one]),
    'tasks/open-1': part(3, [two]),
    settings: part(1, office.settings),
    'blocks/2026-11': '{"version":1,"conte',
  });
  expect(JSON.parse(text).unreadable).toEqual([{ 'blocks/2026-11': '{"version":1,"conte' }]);
  const read = readWorkspaceFile(text).workspace;
  expect(read.tasks.get(one.id)).toEqual(office.tasks.get(one.id));
  expect([read.tasks.size, read.settings]).toEqual([2, office.settings]);
});

test('a file that is opened as soon as it is written has everything the same', () => {
  const lived = office.tasks
    .values()
    .reduce(
      (before, { id }) => editTask.apply(before, { id, due: { time: null, date: '2026-11-27' }, notes: 'x' }),
      office,
    );
  const { workspace } = readWorkspaceFile(writeWorkspaceFile(lived));
  expect(mergeCounts(lived, workspace)).toMatchObject({ added: 0, taken: 0, kept: 0, gone: 0 });
});

test('what is in it is counted', () => {
  expect(contentsOf(office)).toContain('157 tasks, 4 lists, 16 events, 2 calendars');
});

test.each([
  ['{"format": "spr', 'The file is not JSON'],
  ['{"hours": 3}', 'The file is not a Sprindle workspace.'],
  [changed((content) => (content.version = 9)), 'data version 9; this one reads up to 3'],
  [changed((content) => Object.assign(content, { blocks: 3 })), 'blocks: is no list.'],
])('a wrong file is refused with what is wrong and where', (text, message) => {
  expect(() => readWorkspaceFile(text)).toThrow(NotAWorkspace);
  expect(() => readWorkspaceFile(text)).toThrow(message);
});

test('what does not fit is left out or shortened and told, what points nowhere is told, and the rest comes in', () => {
  const { workspace, problems } = readWorkspaceFile(
    changed((content) => {
      Object.assign(content.tasks[0] ?? {}, { title: '' });
      Object.assign(content.tasks[1] ?? {}, { title: 'Weir '.repeat(400), estimate: 1e9 });
      Object.assign(content, { lists: [] });
    }),
  );
  expect(workspace.tasks.size).toBe(office.tasks.size - 1);
  expect(problems.map(({ what }) => what)).toEqual([
    expect.stringMatching(/^tasks, record 1 “.+”: title: /),
    expect.stringMatching(/^tasks, record 2 “Weir .+”: title, estimate longer than is kept$/),
    '3 templates point at lists that are not in the file',
    expect.stringMatching(/^1 block points at tasks that are not in the file$/),
    '2 frames point at lists that are not in the file',
    '4 sealed weeks point at lists that are not in the file',
    expect.stringMatching(/^\d+ tasks point at lists that are not in the file$/),
    expect.stringMatching(/^\d+ repeating tasks point at lists that are not in the file$/),
  ]);
  expect(Math.max(...workspace.tasks.values().map(({ estimate }) => estimate ?? 0))).toBe(60_000);
});

test('replacing everything is one step that can be undone', () => {
  const replaced = replaceEverything.apply(
    office,
    readWorkspaceFile(writeWorkspaceFile(emptyWorkspace)).workspace,
  );
  expect(replaced).toEqual(emptyWorkspace);
  expect(applyChanges(replaced, reversed(changesBetween(office, replaced)))).toEqual(office);
});

test('the published schema is the one that the program reads with', () => {
  expect(JSON.parse(readFileSync('docs/workspace.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(toJSONSchema(WorkspaceFile))),
  );
});

test('no damage to a workspace file makes the reader throw anything but what is wrong with it', () => {
  const small = writeWorkspaceFile(emptyWorkspace);
  fc.assert(
    fc.property(fc.nat(small.length), fc.nat(20), fc.string({ maxLength: 6 }), (at, gone, more) => {
      try {
        readWorkspaceFile(small.slice(0, at) + more + small.slice(at + gone));
      } catch (error) {
        expect(error).toBeInstanceOf(NotAWorkspace);
      }
    }),
    { numRuns: 300 },
  );
});

describe('merging two copies of one’s data', () => {
  const changed = (text: string, at: number) => {
    const [task] = office.tasks.values();
    if (!task) throw new Error('the office has tasks');
    return { ...office, tasks: office.tasks.with([{ ...task, title: text, changedAt: at }]) };
  };
  const titles = (workspace: typeof office) => workspace.tasks.values().map(({ title }) => title);

  test('the later change wins, whichever side it is on, and settings stay', () => {
    const [older, newer] = [changed('Older', 1000), changed('Newer', 2000)];
    expect(titles(mergeWorkspace.apply(older, newer))).toContain('Newer');
    expect(titles(mergeWorkspace.apply(newer, older))).toContain('Newer');
    expect(mergeCounts(older, newer)).toMatchObject({ added: 0, taken: 1, kept: 0 });
    expect(
      mergeWorkspace.apply(office, { ...newer, settings: { ...newer.settings, clock: 12 } }).settings,
    ).toBe(office.settings);
  });

  test('nothing is lost and nothing doubled: merging twice is merging once, and with itself changes nothing', () => {
    const [each, two] = [
      changed('One', 1000),
      demoWorkspace({ seed: 6, now: instantOf('2026-12-01T10:00', zone), zone }),
    ];
    const merged = mergeWorkspace.apply(each, two);
    for (const { id } of [...each.blocks.values(), ...two.blocks.values()])
      expect(merged.blocks.has(id)).toBe(true);
    expect(mergeWorkspace.apply(merged, two)).toEqual(merged);
    expect(mergeWorkspace.apply(each, each)).toEqual(each);
    expect(merged.entries.values().filter(({ to }) => to === null).length).toBeLessThanOrEqual(1);
  });
});
