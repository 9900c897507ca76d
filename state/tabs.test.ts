import { otherTabs } from './tabs';

/** A channel between two tabs of this test. */
class Channel {
  static all: Channel[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  constructor(readonly name: string) {
    Channel.all.push(this);
  }
  postMessage(data: unknown) {
    for (const other of Channel.all)
      if (other !== this && other.name === this.name) other.onmessage?.({ data: structuredClone(data) });
  }
}

const settings = { theme: 'dark' };
const received: unknown[] = [];
let strangers = 0;

beforeEach(() => {
  Channel.all = [];
  received.length = 0;
  strangers = 0;
  globalThis.BroadcastChannel = Channel as unknown as typeof BroadcastChannel; // as much of one as is used
  otherTabs('own', 'one')?.listen({
    changes: ({ changes }) => received.push(...changes),
    opening: () => received.push('opening'),
    stranger: () => (strangers += 1),
  });
});

test('a tab hears the changes of another; what is no change of a known shape is passed over', () => {
  const list = { id: 'l', name: 'Grants', hue: 'iris', icon: 'pen', rank: 0 } as const;
  const change = { part: 'lists', id: 'l', before: null, after: list } as const;
  const broken = { part: 'settings', before: settings, after: { theme: 'loud' } };
  otherTabs('own', 'two')?.tell({ stamp: { at: 5, tab: 'two' }, changes: [change, broken as never] }); // a tab that does not hold itself to the types
  expect(received).toEqual([change]);
  expect(strangers).toBe(0);
});

test('a tab of another version, and whatever else speaks on the channel, is not listened to', () => {
  const channel = new Channel('sprindle-own');
  for (const data of [[], null, 'hello', { version: 'lists 1', changes: [] }, { changes: [] }])
    channel.postMessage(data);
  expect(received).toEqual([]);
  expect(strangers).toBe(5);
});

test('that another tab begins to read is heard; a browser without such a channel has no other tabs', () => {
  otherTabs('own', 'two')?.open();
  expect(received).toEqual(['opening']);
  Reflect.deleteProperty(globalThis, 'BroadcastChannel');
  expect(otherTabs('own', 'two')).toBeUndefined();
});
