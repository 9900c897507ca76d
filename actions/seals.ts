import { answerLate, openWeek, sealWeek } from '@/core/commands/seals';
import { placeTask, putInTray } from '@/core/commands/plan';
import type { Occurrence } from '@/core/calendar/occurrences';
import type { LateAnswer } from '@/core/model/seal';
import { sealOf } from '@/core/plan/sealing';
import type { Drift } from '@/core/plan/sinceSeal';
import { lengthOf } from '@/core/time/span';
import { dayMonthWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { blockOf } from '@/core/tasks/places';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { relocate } from './places';

/** Seals the week that begins on a date, with its plan as it stands. */
export function seal(week: string): void {
  const { zone, now } = here();
  const sealed = sealOf(currentWorkspace(), week, zone, now);
  store.run(
    sealWeek,
    { seal: sealed, today: dateOf(now, zone) },
    `The week of ${dayMonthWords(week, currentWorkspace().settings)} is sealed`,
  );
}

/** Takes the seal off a week. */
export function takeSealOff(week: string): void {
  const { zone, now } = here();
  store.run(
    openWeek,
    { week, at: now, today: dateOf(now, zone) },
    `The week of ${dayMonthWords(week, currentWorkspace().settings)} is not sealed any more`,
  );
}

const answerWords: Record<LateAnswer, string> = {
  accepted: 'accepted',
  notThisWeek: 'put off, its time is free',
};

/** Answers a meeting that came into a sealed week. */
export const answer = (week: string, meeting: Occurrence, how: LateAnswer): void =>
  void store.run(
    answerLate,
    { week, meeting: meeting.id, answer: how },
    `${meeting.title}: ${answerWords[how]}`,
  );

/** Puts what was moved or dropped since a seal back to where it stood then. */
export function putBack({ id, what, of: taskId, title, change, was }: Drift): void {
  const words = `${title} is back where it was sealed`;
  const moved = change === 'moved' && what === 'block' ? blockOf(currentWorkspace(), id) : undefined;
  if (!was || what === 'meeting') return;
  if (was.kind === 'tray')
    return void store.run(
      putInTray,
      { id: newId(), taskId, date: was.date, ...(moved ? { blockId: moved.id } : {}) },
      words,
    );
  const hours = { start: was.from, minutes: lengthOf(was) };
  if (moved) return void relocate(moved, hours, words);
  const trayId = change === 'moved' && what === 'tray' ? id : undefined;
  store.run(placeTask, { id: newId(), taskId, ...hours, trayId }, words);
}
