import { z } from 'zod';
import type { Change } from '@/core/commands/changes';
import { versionOf } from '@/core/model/migrations';
import { collectionNames } from '@/core/model/records';
import { readChanges } from './changeSchema';

/** The other tabs of a storage space. */
export type Tabs = {
  readonly tell: (changes: readonly Change[]) => void;
  /** Hears their changes; `stranger` is called when one of them runs another version. */
  readonly listen: (hear: (changes: readonly Change[]) => void, stranger: () => void) => void;
};

/** Tabs understand each other when they keep everything in the same shape. */
const VERSION = [...collectionNames, 'settings'].map((name) => `${name} ${versionOf(name)}`).join();

const Message = z.object({ version: z.string(), changes: z.unknown() });

/** Tells the other tabs of a space about each change, and hears of theirs. */
export function otherTabs(space: string): Tabs {
  const channel = new BroadcastChannel(`sprindle-${space}`);
  return {
    tell: (changes) => channel.postMessage({ version: VERSION, changes }),
    listen(hear, stranger) {
      channel.onmessage = ({ data }: MessageEvent<unknown>) => {
        const message = Message.safeParse(data);
        if (!message.success || message.data.version !== VERSION) stranger();
        else hear(readChanges(message.data.changes));
      };
    },
  };
}
