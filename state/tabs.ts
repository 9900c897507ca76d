import { z } from 'zod';
import type { Change } from '@/core/commands/changes';
import { versionOf } from '@/core/model/migrations';
import { collectionNames } from '@/core/model/records';
import { readChanges } from './changeSchema';

/** What is heard from other tabs. */
export type Ears = {
  readonly changes: (changes: readonly Change[]) => void;
  /** Another tab begins to read what is stored. */
  readonly opening: () => void;
  /** One of them runs another version. */
  readonly stranger: () => void;
};

/** The other tabs of a storage space. */
export type Tabs = {
  readonly tell: (changes: readonly Change[]) => void;
  /** Tells that this tab begins to read what is stored. */
  readonly open: () => void;
  readonly listen: (ears: Ears) => void;
};

/** Tabs understand each other when they keep everything in the same shape. */
const VERSION = [...collectionNames, 'settings'].map((name) => `${name} ${versionOf(name)}`).join();

const Message = z.object({ version: z.string(), changes: z.unknown(), opening: z.boolean().optional() });

/** Tells the other tabs of a space about each change, and hears of theirs; undefined where a browser has no channel for it. */
export function otherTabs(space: string): Tabs | undefined {
  if (!('BroadcastChannel' in globalThis)) return undefined;
  const channel = new BroadcastChannel(`sprindle-${space}`);
  return {
    tell: (changes) => channel.postMessage({ version: VERSION, changes }),
    open: () => channel.postMessage({ version: VERSION, changes: [], opening: true }),
    listen(ears) {
      channel.onmessage = ({ data }: MessageEvent<unknown>) => {
        const message = Message.safeParse(data);
        if (!message.success || message.data.version !== VERSION) ears.stranger();
        else if (message.data.opening) ears.opening();
        else ears.changes(readChanges(message.data.changes));
      };
    },
  };
}
