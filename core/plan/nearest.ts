import { zonesOn } from '../frame/zones';
import type { Workspace } from '../model/workspace';
import { MINUTE } from '../time/span';
import { dateOf, datesFrom, type IsoDate, type Zone } from '../time/zone';
import { judge, type Placed } from './judge';
import { pockets, quarterFrom } from './placing';

/** How many days are looked through, and how many places on them. */
const DAYS = 14;
const MOST = 60;

/** What is placed, at which start (epoch ms) and for how many minutes. */
type Sought = { readonly what: Placed; readonly start: number; readonly minutes: number };

/** Where so many minutes could begin on a day: at the hour that is sought, or at an edge of a pocket or of a zone in it. */
function startsOn(workspace: Workspace, date: IsoDate, sought: Sought, zone: Zone, now: number): number[] {
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
 * The start (epoch ms) nearest to the one that is sought, from `now` on, against which nothing speaks; undefined when there
 * is none within two weeks.
 */
export function nearestStart(
  workspace: Workspace,
  sought: Sought,
  zone: Zone,
  now: number,
): number | undefined {
  const { what, minutes } = sought;
  const bare =
    what.kind === 'block' ? { ...workspace, blocks: workspace.blocks.with([], [what.id]) } : workspace;
  const today = dateOf(now, zone);
  const starts = datesFrom(today, DAYS).flatMap((date) => startsOn(bare, date, sought, zone, now));
  return [...new Set(starts)]
    .sort((a, b) => Math.abs(a - sought.start) - Math.abs(b - sought.start))
    .slice(0, MOST)
    .find(
      (start) => judge(workspace, { what, to: { kind: 'hours', start, minutes } }, { zone }).length === 0,
    );
}
