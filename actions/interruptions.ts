import { nameEntry } from '@/core/commands/track';
import type { TimeEntry } from '@/core/model/plan';
import { interrupted, SOMETHING_ELSE } from '@/core/track/interruptions';
import { runningEntry } from '@/core/track/entries';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { start } from './tasks';

/** Switches the timer to something else that came in; once more, back to what that interrupted. */
export function interruptOrGoBack(): void {
  const { entries } = currentWorkspace();
  const running = runningEntry(entries);
  const before = running && interrupted(entries, running);
  start(before?.subject ?? SOMETHING_ELSE);
}

/** Says what it was that came in. */
export const nameInterruption = ({ id }: TimeEntry, title: string): boolean =>
  store.run(nameEntry, { id, title });
