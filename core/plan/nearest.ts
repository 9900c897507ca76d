import { zonesOn } from '../frame/zones';
import type { Block } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { addDays, dateOf, type IsoDate, type Zone } from '../time/zone';
import { judge } from './judge';
import { pockets, quarterFrom } from './placing';

/** How many days are looked through, and how many places on them. */
const DAYS = 14;
const MOST = 60;

/** Where so many minutes could begin on a day: at the hour that is sought, or at an edge of a pocket or of a zone in it. */
function startsOn(workspace: Workspace, date: IsoDate, sought: Block, zone: Zone, now: number): number[] {
  const length = sought.minutes * MINUTE;
  const edges = zonesOn(workspace, date, zone).flatMap(({ spans }) =>
    spans.flatMap(({ from, to }) => [from, to]),
  );
  return pockets(workspace, date, zone, now).flatMap((pocket) =>
    [pocket.from, sought.start, pocket.to - length, ...edges, ...edges.map((edge) => edge - length)]
      .map(quarterFrom)
      .filter((start) => start >= pocket.from && start + length <= pocket.to),
  );
}

/**
 * The start (epoch ms) nearest to that of a block, from `now` on, against which nothing speaks; undefined when there is
 * none within two weeks.
 */
export function nearestStart(
  workspace: Workspace,
  block: Block,
  zone: Zone,
  now: number,
): number | undefined {
  const { id, taskId, minutes } = block;
  const what = { kind: 'block', id, taskId } as const;
  const bare = { ...workspace, blocks: workspace.blocks.with([], [id]) };
  const today = dateOf(now, zone);
  const starts = Array.from({ length: DAYS }, (_, i) => addDays(today, i)).flatMap((date) =>
    startsOn(bare, date, block, zone, now),
  );
  return [...new Set(starts)]
    .sort((a, b) => Math.abs(a - block.start) - Math.abs(b - block.start))
    .slice(0, MOST)
    .find(
      (start) => judge(workspace, { what, to: { kind: 'hours', start, minutes } }, { zone }).length === 0,
    );
}
