import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { clockWords, durationWords } from '../time/words';
import type { Zone } from '../time/zone';
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
  const into =
    next?.kind === 'meeting' && end > next.from
      ? `, ${durationWords((end - next.from) / MINUTE)} into ${next.event.title}`
      : '';
  return `ends ${clockWords(end, zone, workspace.settings.clock)} at its estimate${into}`;
}
