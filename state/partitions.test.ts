import * as fc from 'fast-check';
import { demoWorkspace } from '@/demo/generate';
import { moveBlock } from '@/core/commands/plan';
import { editTask, tickOff } from '@/core/commands/tasks';
import { task } from '@/core/fixtures/make';
import { addEntry } from '@/core/commands/track';
import { emptyWorkspace, workspaceOf } from '@/core/model/workspace';
import { instantOf } from '@/core/time/zone';
import { migrate, versionOf, FromTheFuture } from '@/core/model/migrations';
import { assemble, changedPartitions, contentOf } from './partitions';

const zone = 'Europe/London';
const now = instantOf('2026-11-24T11:20', zone);
const office = demoWorkspace({ seed: 3, now, zone });
const stored = (workspace = office) =>
  Object.fromEntries(
    changedPartitions(null, workspace).map((part) => [
      part,
      JSON.parse(JSON.stringify(contentOf(workspace, part))),
    ]),
  );

test('a workspace taken apart and put together again is the same workspace', () => {
  expect(assemble(stored())).toEqual({ workspace: office, damaged: [], moved: [] });
});

test('what has a month is kept by month, and open tasks apart from done ones', () => {
  const block = { id: 'b', taskId: 't', start: now, minutes: 30 };
  const item = { id: 'b', taskId: 't', date: '2027-01-31' };
  const small = workspaceOf({ blocks: [block], tray: [item] });
  expect(changedPartitions(null, small)).toEqual(expect.arrayContaining(['blocks/2026-11', 'tray/2027-01']));
  const parts = changedPartitions(null, office);
  expect(parts).toEqual(expect.arrayContaining(['tasks/done-2026-11']));
  expect(parts.some((part) => /^tasks\/open-[0-9a-f]{2}$/.test(part))).toBe(true);
});

test('an edit touches only where a record was and where it is now', () => {
  const block = office.blocks.values()[0];
  if (!block) throw new Error('the demo has blocks');
  const moved = moveBlock.apply(office, { id: block.id, start: instantOf('2026-12-03T09:00', zone) });
  expect(changedPartitions(office, moved).sort()).toEqual(['blocks/2026-11', 'blocks/2026-12']);
  const open = office.tasks.values().find(({ doneAt }) => doneAt === null);
  if (!open) throw new Error('the demo has open tasks');
  const ticked = tickOff.apply(office, { id: open.id, at: now });
  expect(changedPartitions(office, ticked).filter((part) => part.startsWith('tasks'))).toEqual([
    expect.stringContaining('tasks/open-'),
    'tasks/done-2026-11',
  ]);
});

test('one more entry among ten years of them rewrites one month', () => {
  const entries = Array.from({ length: 3600 }, (_, day) => {
    const from = now - day * 86_400_000;
    return { id: `${day}`, subject: { kind: 'other' as const, title: 'Pump' }, from, to: from + 60_000 };
  });
  const long = workspaceOf({ entries });
  const more = addEntry.apply(long, {
    id: 'new',
    subject: { kind: 'other', title: 'Pump' },
    from: now,
    to: now + 60_000,
  });
  expect(changedPartitions(long, more)).toEqual(['entries/2026-11']);
  expect(JSON.stringify(contentOf(more, 'entries/2026-11')).length).toBeLessThan(
    JSON.stringify(entries).length / 50,
  );
});

test('whatever stands in storage, opening never throws, keeps what is whole and names what is not', () => {
  const whole = stored();
  fc.assert(
    fc.property(fc.constantFrom(...Object.keys(whole)), fc.jsonValue(), (part, noise) => {
      const { workspace, damaged } = assemble({ ...whole, [part]: noise });
      expect(workspace.lists.size).toBeGreaterThan(0);
      for (const other of Object.keys(whole)) if (other !== part) expect(damaged).not.toContain(other);
    }),
  );
});

test('a workspace without lists gets one', () => {
  const { workspace, damaged } = assemble({ 'lists/all': [] });
  expect(damaged).toEqual([]);
  expect(workspace.lists).toEqual(emptyWorkspace.lists);
});

test('renaming one of twenty thousand open tasks writes a few kilobytes', () => {
  const tasks = Array.from({ length: 20_000 }, (_, i) =>
    task(`6b2f-${i}`, { notes: 'level and flow '.repeat(4) }),
  );
  const many = workspaceOf({ tasks });
  const renamed = editTask.apply(many, { id: '6b2f-777', title: 'Sort samples' });
  const [part = '', ...others] = changedPartitions(many, renamed);
  expect(others).toEqual([]);
  expect(JSON.stringify(contentOf(renamed, part)).length).toBeLessThan(64_000);
});

test('data of this version stays as it is; a later version is refused by its number', () => {
  expect(migrate('settings', versionOf('settings'), { theme: 'dark' })).toEqual({ theme: 'dark' });
  expect(() => migrate('settings', 99, {})).toThrow(FromTheFuture);
  expect(() => migrate('settings', 99, {})).toThrow('data version 99');
});
