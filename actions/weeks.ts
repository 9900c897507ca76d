import { endReview, writeWeek } from '@/core/commands/weeks';
import { sealOfWeek } from '@/core/model/seal';
import { sealOf } from '@/core/plan/sealing';
import { hasEnded } from '@/core/time/week';
import { dayMonthWords } from '@/core/time/words';
import { addDays, dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';

/** Keeps what is written about a week. */
export const saveWeek = (week: string, text: string): boolean => store.run(writeWeek, { week, text });

/** Ends the review of a week that took so many minutes, and seals the week after it where `seals` and that can be. */
export function endWeek(week: string, minutes: number, seals: boolean): boolean {
  const { zone, now } = here();
  const workspace = currentWorkspace();
  const next = addDays(week, 7);
  const today = dateOf(now, zone);
  const words = (first: string) => dayMonthWords(first, workspace.settings);
  const canSeal = seals && !hasEnded(next, today) && sealOfWeek(workspace, next)?.openedAt !== null;
  return store.run(
    endReview,
    { week, at: now, minutes, seal: canSeal ? sealOf(workspace, next, zone, now) : null, today },
    canSeal
      ? `Looked back on the week of ${words(week)}; that of ${words(next)} is sealed`
      : `Looked back on the week of ${words(week)}`,
  );
}
