import { takeBack } from '../commands/accounts';
import { put, without } from '../commands/command';
import {
  answered,
  edited,
  event,
  KEPT,
  otherSide,
  PLACE,
  renamed,
  SENDING,
  start,
  theirEvent,
  theirTask,
  thisSide,
  titleThere,
  NOW,
  type Mishap,
} from '../fixtures/bothSides';
import { outgoing, tasksOfAccount } from './items';
import { synchronise, type Remote } from './synchronise';

test('what one side adds, changes and deletes, the other gets, and what it does not understand stays', async () => {
  const there = otherSide(() => 'none');
  there.set('forum.ics', theirEvent('forum', 'Forum').replace('VERSION:2.0', 'VERSION:2.0\r\nX-RIVER:Marl'));
  there.set('fence.ics', theirTask('fence', 'Fence'));
  const { side, local } = thisSide(put(start, 'events', event('own', 'Own')));
  await synchronise(there.remote, local, PLACE);
  expect([...side.workspace.events.values()].map(({ title }) => title).sort()).toEqual(['Forum', 'Own']);
  expect(titleThere(there.things.get('own.ics')?.text ?? '')).toBe('Own');
  expect(tasksOfAccount(side.workspace, 'c')).toMatchObject([
    { title: 'Fence', priority: 'high', listId: 'l' },
  ]);

  side.workspace = renamed(renamed(side.workspace, 'c/forum', 'Forum in the hall'), 'c/fence', 'Fence east');
  there.set('own.ics', edited(there.things.get('own.ics')?.text ?? '', 'summary', 'Own later'));
  await synchronise(there.remote, local, PLACE);
  const forum = there.things.get('forum.ics')?.text ?? '';
  expect([titleThere(forum), forum.includes(KEPT), forum.includes('X-RIVER:Marl')]).toEqual([
    'Forum in the hall',
    true,
    true,
  ]);
  const fence = there.things.get('fence.ics')?.text ?? '';
  expect([titleThere(fence), fence.includes(KEPT), fence.includes('PRIORITY:2')]).toEqual([
    'Fence east',
    true,
    true,
  ]);
  expect(side.workspace.events.get('c/own')?.title).toBe('Own later');

  side.workspace = without(side.workspace, 'events', ['c/own']);
  there.drop('forum.ics');
  await synchronise(there.remote, local, PLACE);
  expect([side.workspace.events.size, [...there.things.keys()]]).toEqual([0, ['fence.ics']]);
  expect(outgoing(side.workspace, 'c', SENDING)).toEqual([]);
});

test('what both sides have changed is asked about, and changes on neither side until it is answered', async () => {
  for (const ours of [true, false]) {
    const there = otherSide(() => 'none');
    there.set('forum.ics', theirEvent('forum', 'Forum'));
    const { side, local } = thisSide(start);
    await synchronise(there.remote, local, PLACE);
    there.set('forum.ics', theirEvent('forum', 'Theirs'));
    side.workspace = renamed(side.workspace, 'c/forum', 'Ours');
    await synchronise(there.remote, local, PLACE);
    await synchronise(there.remote, local, PLACE);
    expect(side.asked).toEqual(['Theirs']);
    expect(side.workspace.events.get('c/forum')?.title).toBe('Ours');
    expect(titleThere(there.things.get('forum.ics')?.text ?? '')).toBe('Theirs');
    side.workspace = answered(side.workspace, () => ours);
    await synchronise(there.remote, local, PLACE);
    const word = ours ? 'Ours' : 'Theirs';
    expect(side.workspace.events.get('c/forum')?.title).toBe(word);
    expect(titleThere(there.things.get('forum.ics')?.text ?? '')).toBe(word);
  }
});

test('a task is merged field by field; ticked on either side it is done on both; one that vanishes is asked about', async () => {
  const there = otherSide(() => 'none');
  there.set('fence.ics', theirTask('fence', 'Fence'));
  there.set('gravel.ics', theirTask('gravel', 'Gravel'));
  const { side, local } = thisSide(start);
  await synchronise(there.remote, local, PLACE);
  side.workspace = renamed(side.workspace, 'c/fence', 'Fence east');
  there.set(
    'fence.ics',
    edited(there.things.get('fence.ics')?.text ?? '', 'description', 'Posts are in the barn.'),
  );
  there.set('gravel.ics', edited(there.things.get('gravel.ics')?.text ?? '', 'status', 'COMPLETED'));
  await synchronise(there.remote, local, PLACE);
  expect(side.workspace.tasks.get('c/fence')).toMatchObject({
    title: 'Fence east',
    notes: 'Posts are in the barn.',
  });
  expect(titleThere(there.things.get('fence.ics')?.text ?? '')).toBe('Fence east');
  expect(side.workspace.tasks.get('c/gravel')?.doneAt).toBe(NOW);

  const fence = side.workspace.tasks.get('c/fence');
  if (fence) side.workspace = put(side.workspace, 'tasks', { ...fence, doneAt: NOW });
  await synchronise(there.remote, local, PLACE);
  expect(there.things.get('fence.ics')?.text).toMatch(
    /STATUS:COMPLETED[^]*PERCENT-COMPLETE:100|PERCENT-COMPLETE:100[^]*STATUS:COMPLETED/,
  );

  there.set('weir.ics', theirTask('weir', 'Weir'));
  await synchronise(there.remote, local, PLACE);
  for (const name of ['fence.ics', 'gravel.ics', 'weir.ics']) there.drop(name);
  await synchronise(there.remote, local, PLACE, true);
  expect(side.asked).toEqual(['Weir']);
  side.workspace = answered(side.workspace, () => true);
  expect(side.workspace.tasks.get('c/weir')).not.toHaveProperty('origin');
});

test('a calendar that is empty all at once is asked about; what may not be written is told', async () => {
  const there = otherSide(() => 'none');
  there.set('forum.ics', theirEvent('forum', 'Forum'));
  const { side, local } = thisSide(start);
  await synchronise(there.remote, local, PLACE);
  there.things.clear();
  const { token: _, ...calendar } = side.workspace.calendars.get('c') ?? {};
  side.workspace = put(side.workspace, 'calendars', calendar as never); // as if the token had become unknown
  expect((await synchronise(there.remote, local, PLACE)).empty).toBe(true);
  expect(side.workspace.events.size).toBe(1);
  side.workspace = put(side.workspace, 'events', event('own', 'Own'));
  const closed: Remote = { ...there.remote, write: async () => ({ kind: 'refused', status: 403 }) };
  const { refused } = await synchronise(closed, local, PLACE, true);
  expect(refused).toEqual([{ title: 'Own', status: 403 }]);
  expect(outgoing(side.workspace, 'c', SENDING)).toHaveLength(1);
});

test('most of a calendar that is gone here, as after an accident, is kept there until it is said what holds', async () => {
  const there = otherSide(() => 'none');
  const uids = Array.from({ length: 8 }, (_, i) => `forum-${i}`);
  for (const uid of uids) there.set(`${uid}.ics`, theirEvent(uid, 'Forum'));
  const { side, local } = thisSide(start);
  await synchronise(there.remote, local, PLACE);
  const lost = () =>
    without(
      side.workspace,
      'events',
      uids.map((uid) => `c/${uid}`),
    );
  side.workspace = lost();
  expect((await synchronise(there.remote, local, PLACE)).missing).toBe(8);
  expect(there.things.size).toBe(8);
  side.workspace = takeBack.apply(side.workspace, { calendarId: 'c' });
  expect((await synchronise(there.remote, local, PLACE)).missing).toBe(0);
  expect(side.workspace.events.size).toBe(8);
  side.workspace = lost();
  await synchronise(there.remote, local, PLACE, true);
  expect(there.things.size).toBe(0);
});

test('a task renamed again at once, while the answer to its first new name fails, keeps its last', async () => {
  let fault: Mishap = 'none';
  const there = otherSide(() => fault);
  there.set('fence.ics', theirTask('fence', 'Fence'));
  const { side, local } = thisSide(start);
  await synchronise(there.remote, local, PLACE);
  side.workspace = renamed(side.workspace, 'c/fence', 'Fence east');
  const write: Remote['write'] = async (...given) => {
    fault = 'twice';
    const written = await there.remote.write(...given);
    fault = 'none';
    side.workspace = renamed(side.workspace, 'c/fence', 'Fence west');
    return written;
  };
  await synchronise({ ...there.remote, write }, local, PLACE);
  await synchronise(there.remote, local, PLACE);
  expect(tasksOfAccount(side.workspace, 'c')).toMatchObject([{ title: 'Fence west' }]);
  expect(titleThere(there.things.get('fence.ics')?.text ?? '')).toBe('Fence west');
});
