import { sealWeek } from '@/core/commands/seals';
import type { Workspace } from '@/core/model/workspace';
import { sealOf } from '@/core/plan/sealing';
import { blocksIn } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { weekOf } from '@/core/time/week';
import { addDays, instantOf, type IsoDate, type Zone } from '@/core/time/zone';
import { LATE_MEETING } from './calendars';

/** The present week is sealed, as it was planned on the Friday before: a meeting and a block have come since. */
export function sealed(workspace: Workspace, today: IsoDate, zone: Zone): Workspace {
  const week = weekOf(today, 1);
  const at = instantOf(`${addDays(week, -3)}T16:40`, zone);
  const ahead = { from: instantOf(today, zone), to: instantOf(addDays(week, 7), zone) };
  const [since] = blocksIn(workspace, ahead, zone)
    .filter(({ id }) => workspace.blocks.has(id))
    .reverse();
  const before = {
    ...workspace,
    events: workspace.events.with([], [LATE_MEETING]),
    blocks: workspace.blocks.with([], since ? [since.id] : []),
  };
  return sealWeek.apply(workspace, { seal: sealOf(before, week, zone, at), today });
}

/** How many weeks before the present one are sealed, too. */
const SEALED_BEFORE = 3;

/** The weeks before as they were sealed: since then one block has come and another was moved to the next day. */
export function sealedBefore(workspace: Workspace, today: IsoDate, zone: Zone): Workspace {
  const weeks = Array.from({ length: SEALED_BEFORE }, (_, i) => addDays(weekOf(today, 1), -7 * (i + 1)));
  return weeks.reduce((now, week) => {
    const span = { from: instantOf(week, zone), to: instantOf(addDays(week, 5), zone) };
    const [moved, come] = blocksIn(now, span, zone).filter(({ id }) => now.blocks.has(id));
    const at = instantOf(`${addDays(week, -3)}T16:20`, zone);
    const earlier = moved ? [{ ...moved, start: moved.start + 24 * 60 * MINUTE }] : [];
    const before = { ...now, blocks: now.blocks.with(earlier, come ? [come.id] : []) };
    return sealWeek.apply(now, { seal: sealOf(before, week, zone, at), today: week });
  }, workspace);
}
