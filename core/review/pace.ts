import type { Workspace } from '../model/workspace';
import { dayPlan } from '../plan/dayPlan';
import { MINUTE, lengthOf } from '../time/span';
import { clockWords, durationWords } from '../time/words';
import { dateOf, type Zone } from '../time/zone';
import { nowView } from './nowView';

/** When a running task ends if it takes its estimate, and which meeting that runs into; minutes. */
export function paceWords(
  workspace: Workspace,
  estimate: number,
  spent: number,
  zone: Zone,
  now: number,
): string {
  const left = estimate - spent;
  if (left <= 0) return `${durationWords(-left)} over its estimate`;
  const end = now + left * MINUTE;
  const { next } = nowView(workspace, zone, now);
  const buffer = dayPlan(workspace, dateOf(now, zone), zone).buffers.find(
    ({ from, to }) => from < end && end <= to,
  );
  const eaten = buffer
    ? `, ${durationWords((end - buffer.from) / MINUTE)} of the ${durationWords(lengthOf(buffer))} left free after it`
    : '';
  const into =
    next?.kind === 'meeting' && end > next.from
      ? `, ${durationWords((end - next.from) / MINUTE)} into ${next.event.title}`
      : '';
  return `ends ${clockWords(end, zone, workspace.settings.clock)} at its estimate${into || eaten}`;
}
