import type { Workspace } from '../model/workspace';
import { spanOfBlock, taskOf } from '../tasks/places';
import { MINUTE, overlaps, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';

/** Half an hour of a day, and what takes it. */
export type HalfHour = Span & {
  /** The title of what takes at least a part of it; null when it is free. */
  readonly takenBy: string | null;
  readonly works: boolean;
};

const HALF = 30 * MINUTE;

/**
 * A day in half hours from its midnight to the next, 46 to 50 of them on the days when clocks change; `except` is the
 * id of a block or event that does not count, as it is the one to be placed.
 */
export function halfHours(workspace: Workspace, date: IsoDate, zone: Zone, except = ''): HalfHour[] {
  const { working, meetings, allDay, blocks } = dayPlan(workspace, date, zone);
  const taken = [
    ...[...meetings, ...allDay].filter(({ busy, id }) => busy && id !== except),
    ...blocks
      .filter(({ id }) => id !== except)
      .map((block) => ({
        ...spanOfBlock(block),
        title: taskOf(workspace, block.taskId)?.title ?? 'a block',
      })),
  ];
  const { from, to } = dayOf(date, zone);
  return Array.from({ length: Math.ceil((to - from) / HALF) }, (_, i) => {
    const half = { from: from + i * HALF, to: from + (i + 1) * HALF };
    return {
      ...half,
      takenBy: taken.find((span) => overlaps(span, half))?.title ?? null,
      works: working.some((span) => overlaps(span, half)),
    };
  });
}
