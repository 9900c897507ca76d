import * as fc from 'fast-check';
import { demoWorkspace } from '@/demo/generate';
import { moveBlock } from '@/core/commands/plan';
import { tickOff } from '@/core/commands/tasks';
import { addEntry } from '@/core/commands/track';
import { emptyWorkspace, SCHEMA_VERSION, workspaceOf } from '@/core/model/workspace';
import { instantOf } from '@/core/time/zone';
import { migrate, FromTheFuture } from '@/core/model/migrations';
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
  expect(assemble(stored())).toEqual({ workspace: office, damaged: [] });
});

test('what has a month is kept by month, and open tasks apart from done ones', () => {
  const block = { id: 'b', taskId: 't', start: now, minutes: 30 };
  const item = { id: 'b', taskId: 't', date: '2027-01-31' };
  const small = workspaceOf({ blocks: [block], tray: [item] });
  expect(changedPartitions(null, small)).toEqual(expect.arrayContaining(['blocks/2026-11', 'tray/2027-01']));
  expect(changedPartitions(null, office)).toEqual(
    expect.arrayContaining(['tasks/open', 'tasks/done-2026-11']),
  );
});

test('an edit touches only where a record was and where it is now', () => {
  const block = office.blocks.values()[0];
  if (!block) throw new Error('the demo has blocks');
  const moved = moveBlock.apply(office, { id: block.id, start: instantOf('2026-12-03T09:00', zone) });
  expect(changedPartitions(office, moved).sort()).toEqual(['blocks/2026-11', 'blocks/2026-12']);
  const open = office.tasks.values().find(({ doneAt }) => doneAt === null);
  if (!open) throw new Error('the demo has open tasks');
  const ticked = tickOff.apply(office, { id: open.id, at: now });
  expect(changedPartitions(office, ticked)).toEqual(
    expect.arrayContaining(['tasks/open', 'tasks/done-2026-11']),
  );
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

test('unknown collections are set aside, and a workspace without lists gets one', () => {
  const { workspace, damaged } = assemble({ 'unicorns/all': [{ id: 'x' }], 'lists/all': [] });
  expect(damaged).toEqual(['unicorns/all']);
  expect(workspace.lists).toEqual(emptyWorkspace.lists);
});

test('data of this version stays as it is; a later version is refused by its number', () => {
  expect(migrate('settings', SCHEMA_VERSION, { theme: 'dark' })).toEqual({ theme: 'dark' });
  expect(() => migrate('settings', 99, {})).toThrow(FromTheFuture);
  expect(() => migrate('settings', 99, {})).toThrow('data version 99');
});
