import { closeDays } from '@/core/commands/closing';
import { dateWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** Closes days, as they are at this moment. */
export function closeThem(dates: readonly string[]): boolean {
  const { settings } = currentWorkspace();
  const { now, zone } = here();
  const [only] = dates;
  const what = dates.length === 1 && only ? dateWords(only, settings) : `${dates.length} days`;
  return store.run(
    closeDays,
    { dates, at: now, zone },
    `${what} ${dates.length === 1 ? 'is' : 'are'} closed`,
  );
}
