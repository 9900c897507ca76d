import type { Occurrence } from '../calendar/occurrences';
import { after, isTravel } from '../frame/buffers';
import type { Block } from '../model/plan';
import type { BufferRules } from '../model/settings';
import type { Workspace } from '../model/workspace';
import { spanOfBlock, taskOf } from '../tasks/places';
import { MINUTE, lengthOf, subtract, type Span } from '../time/span';

/** What is left free by rule after the busy meetings of a day, as far as no other meeting takes it. */
export function buffersAfter(meetings: readonly Occurrence[], rules: BufferRules): Span[] {
  const busy = meetings.filter((meeting) => meeting.busy);
  const free = busy.flatMap((meeting) => {
    const long = lengthOf(meeting) >= rules.meetingsFrom ? rules.afterMeetings : 0;
    const travelled = isTravel([meeting.title, ...meeting.categories]) ? rules.afterTravel : 0;
    const minutes = Math.max(long, travelled);
    return minutes > 0 ? [after(meeting.to, minutes)] : [];
  });
  return subtract(free, busy);
}

const categoryOf = (workspace: Workspace, { taskId }: Block) => taskOf(workspace, taskId)?.category;

/** Whether two kinds of work are known and not the same. */
const differ = (one: string | undefined, other: string | undefined) =>
  one !== undefined && other !== undefined && one !== other;

/** What is left free by rule between blocks of different categories that follow each other on a day. */
export function buffersBetween(
  workspace: Workspace,
  blocks: readonly Block[],
  { betweenKinds }: BufferRules,
): Span[] {
  if (betweenKinds === 0) return [];
  return blocks.flatMap((block, i) => {
    const next = blocks[i + 1];
    return next && differ(categoryOf(workspace, block), categoryOf(workspace, next))
      ? [after(spanOfBlock(block).to, betweenKinds)]
      : [];
  });
}

/** The block of another category that a stretch of work would begin too soon after, or end too close before; by title. */
export function tooClose(
  workspace: Workspace,
  blocks: readonly Block[],
  span: Span,
  category: string | undefined,
): string | undefined {
  const room = workspace.settings.buffers.betweenKinds * MINUTE;
  const near = blocks.find((block) => {
    const { from, to } = spanOfBlock(block);
    const gap = Math.max(span.from - to, from - span.to);
    return gap >= 0 && gap < room && differ(category, categoryOf(workspace, block));
  });
  return near && (taskOf(workspace, near.taskId)?.title ?? 'other work');
}
