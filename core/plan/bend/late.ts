import type { Block, TimeEntry } from '../../model/plan';
import type { Workspace } from '../../model/workspace';
import { spanOfBlock, taskOf } from '../../tasks/places';
import { intersect, MINUTE, minutesOf, type Span } from '../../time/span';
import { dateOf, type Zone } from '../../time/zone';
import { runningEntry } from '../../track/entries';
import { entriesOf, minutesSpent, spanOfEntry } from '../../track/spent';
import { dayPlan } from '../dayPlan';

/** What the timer runs on is taken to last so many minutes at least, however long it has taken already. */
const AT_LEAST = 5;
/** Of less than this nobody is told that they are late, in minutes. */
const WORTH_TELLING = 5;

/** What runs, until when it is expected to (epoch ms), and its block of today, if it has one. */
export type Running = { readonly entry: TimeEntry; readonly span: Span; readonly block: Block | undefined };

/** The stretch from now on that what runs is expected to take: the rest of its estimate, its block at least. */
export function runningStretch(workspace: Workspace, zone: Zone, now: number): Running | undefined {
  const entry = runningEntry(workspace.entries);
  if (!entry || entry.subject.kind !== 'task') return undefined;
  const { taskId } = entry.subject;
  const { blocks } = dayPlan(workspace, dateOf(now, zone), zone);
  const own = blocks.filter((block) => block.taskId === taskId);
  const block =
    own.find((each) => spanOfBlock(each).to > now && each.start <= now) ??
    own.find(({ start }) => start <= now);
  const estimate = taskOf(workspace, taskId)?.estimate ?? block?.minutes ?? 0;
  const left = Math.max(AT_LEAST, estimate - minutesSpent(workspace.entries, taskId, now));
  const to = Math.max(now + left * MINUTE, block ? spanOfBlock(block).to : 0);
  return { entry, span: { from: now, to }, block };
}

/** Minutes that are left of a block: what was spent on its task since it was to begin is done; 0 when all of it is. */
export function workLeft({ entries }: Workspace, block: Block, now: number): number {
  if (block.start >= now) return block.minutes;
  const since = { from: block.start, to: now };
  const spent = entriesOf(entries, { kind: 'task', taskId: block.taskId }).map((entry) =>
    spanOfEntry(entry, now),
  );
  return Math.max(0, block.minutes - Math.floor(minutesOf(intersect(spent, [since]))));
}

/**
 * By how many whole minutes today runs late: what runs ends after its block, or the first open block that was to begin has
 * not. 0 when nothing is late that is worth telling.
 */
export function minutesLate(workspace: Workspace, zone: Zone, now: number): number {
  const running = runningStretch(workspace, zone, now);
  const overrun = running?.block ? running.span.to - spanOfBlock(running.block).to : 0;
  const waiting = dayPlan(workspace, dateOf(now, zone), zone).blocks.find(
    (block) =>
      block.start < now &&
      !block.pinned &&
      block.id !== running?.block?.id &&
      taskOf(workspace, block.taskId)?.doneAt === null &&
      workLeft(workspace, block, now) === block.minutes,
  );
  const minutes = Math.floor(Math.max(overrun, waiting ? now - waiting.start : 0) / MINUTE);
  return minutes >= WORTH_TELLING ? minutes : 0;
}
