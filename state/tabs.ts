import * as z from '@/core/zod';
import { versionOf } from '@/core/model/migrations';
import { collectionNames } from '@/core/model/records';
import type { Told } from './agreement';
import { readChanges } from './changeSchema';

/** What is heard from other tabs. */
export type Ears = {
  readonly changes: (told: Told) => void;
  /** Another tab begins to read what is stored. */
  readonly opening: () => void;
  /** One of them runs another version. */
  readonly stranger: () => void;
};

/** The other tabs of a storage space. */
export type Tabs = {
  /** An id of this tab, unlike that of any other. */
  readonly me: string;
  readonly tell: (told: Told) => void;
  /** Tells that this tab begins to read what is stored. */
  readonly open: () => void;
  readonly listen: (ears: Ears) => void;
};

/** Tabs understand each other when they keep everything in the same shape. */
const VERSION = [...collectionNames, 'settings'].map((name) => `${name} ${versionOf(name)}`).join();

const Stamp = z.object({ at: z.number(), tab: z.string() });
const Message = z.union([
  z.object({ version: z.literal(VERSION), opening: z.literal(true) }),
  z.object({ version: z.literal(VERSION), stamp: Stamp, changes: z.unknown() }),
]);

/** Tells the other tabs of a space about each change, and hears of theirs; undefined where a browser has no channel for it. */
export function otherTabs(space: string, me: string): Tabs | undefined {
  if (!('BroadcastChannel' in globalThis)) return undefined;
  const channel = new BroadcastChannel(`sprindle-${space}`);
  return {
    me,
    tell: (told) => channel.postMessage({ version: VERSION, ...told }),
    open: () => channel.postMessage({ version: VERSION, opening: true }),
    listen(ears) {
      channel.onmessage = ({ data }: MessageEvent<unknown>) => {
        const message = Message.safeParse(data);
        if (!message.success) ears.stranger();
        else if ('opening' in message.data) ears.opening();
        else ears.changes({ stamp: message.data.stamp, changes: readChanges(message.data.changes) });
      };
    },
  };
}
