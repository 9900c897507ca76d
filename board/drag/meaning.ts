import type { Workspace } from '@/core/model/workspace';
import { fillWords, heldTasks } from '@/core/plan/group';
import { judgeAll, type Finding, type Placed, type Placing } from '@/core/plan/judge';
import { nearestStart } from '@/core/plan/nearest';
import { inRow, toFit, type Fitted } from '@/core/plan/placing';
import { furtherDays } from '@/core/plan/spanning';
import { blockOf, taskOf } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { addDays, type Zone } from '@/core/time/zone';
import { here } from '@/state/here';
import { type Dragged, type Target } from './dragStore';

/** What letting go would mean: where it goes, in words, and what comes of it. */
export type Meaning = { readonly where: string; readonly findings: readonly Finding[] };

/** The chip and the ghost ask for the same. */
let last:
  { workspace: Workspace; dragged: Dragged; target: Target | null; zone: Zone; meaning: Meaning } | undefined;

/** What a target means, worked out once for as long as nothing changes. */
export function meaningOf(workspace: Workspace, dragged: Dragged, target: Target | null): Meaning {
  const { zone } = here();
  const same =
    last?.workspace === workspace && last.dragged === dragged && last.target === target && last.zone === zone;
  if (same && last) return last.meaning;
  const meaning = {
    where: whereWords(workspace, dragged, target, zone),
    findings: judgeAll(workspace, placingsOf(workspace, dragged, target, zone), { zone }),
  };
  last = { workspace, dragged, target, zone, meaning };
  return meaning;
}

/** What is put where by letting go at a target; nothing when it leaves the plan or goes by whole days. */
function placingsOf(workspace: Workspace, dragged: Dragged, target: Target | null, zone: Zone): Placing[] {
  if (!target || target.kind === 'off' || target.kind === 'days' || target.kind === 'file') return [];
  if (dragged.tasks.length > 1 && target.kind === 'hours')
    return rowOf(workspace, dragged, target.start, zone).map(({ taskId, start, minutes }) => ({
      what: { kind: 'task', taskId },
      to: { kind: 'hours', start, minutes },
    }));
  return placedOf(dragged).map((what) => ({ what, to: target }));
}

/** The nearest place against which nothing speaks, for one thing that is held over hours; undefined for several or without one. */
export function nearestFor(
  workspace: Workspace,
  dragged: Dragged,
  target: Target | null,
): number | undefined {
  const { zone, now } = here();
  const [what, ...more] = placedOf(dragged);
  if (target?.kind !== 'hours' || !what || more.length > 0 || dragged.kind === 'event') return undefined;
  return nearestStart(workspace, { what, start: target.start, minutes: target.minutes }, zone, now);
}

function placedOf(dragged: Dragged): Placed[] {
  switch (dragged.kind) {
    case 'task':
      return dragged.tasks.map((taskId) => ({ kind: 'task', taskId }));
    case 'tray':
      return [{ kind: 'tray', id: dragged.item.id, taskId: dragged.item.taskId }];
    case 'block':
      return [{ kind: 'block', id: dragged.block.id, taskId: dragged.block.taskId }];
    case 'event':
      return [{ kind: 'event', event: dragged.event }];
  }
}

/** Where the tasks that are dragged together go, from an hour on. */
export const rowOf = (workspace: Workspace, dragged: Dragged, start: number, zone: Zone): Fitted[] =>
  inRow(workspace, toFit(workspace, dragged.tasks), start, zone);

/** Where a target is, in words. */
function whereWords(workspace: Workspace, dragged: Dragged, target: Target | null, zone: Zone): string {
  const at = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  switch (target?.kind) {
    case undefined:
      return 'Not over a place';
    case 'off':
      return { block: 'Take off the plan', tray: 'Take out of the tray', task: stays, event: stays }[
        dragged.kind
      ];
    case 'tray':
      return `Tray of ${dateWords(target.date, workspace.settings)}`;
    case 'days': {
      const more = dragged.kind === 'event' ? furtherDays(dragged.event, zone) : 0;
      const first = dateWords(target.date, workspace.settings);
      return more > 0 ? `${first} – ${dateWords(addDays(target.date, more), workspace.settings)}` : first;
    }
    case 'file':
      return `Into ${workspace[target.into].get(target.id)?.name ?? ''}`;
    case 'group':
      return groupWords(workspace, dragged, target.blockId);
    case 'hours': {
      const row = dragged.tasks.length > 1 ? rowOf(workspace, dragged, target.start, zone) : [];
      const [first, end] = [row[0], row.at(-1)];
      if (first && end && row.length > 1)
        return `${row.length} tasks, ${at(first.start)} – ${at(end.start + end.minutes * MINUTE)}`;
      const { start, minutes } = target;
      return `${at(start)} – ${at(start + minutes * MINUTE)} · ${durationWords(minutes)}`;
    }
  }
}

const stays = 'Stay in the list';

/** How full a group gets by what is dragged. */
function groupWords(workspace: Workspace, dragged: Dragged, blockId: string): string {
  const block = blockOf(workspace, blockId);
  if (!block) return 'No group';
  const holds = [...new Set([...(block.holds ?? []), ...dragged.tasks])];
  const title = taskOf(workspace, block.taskId)?.title ?? 'the group';
  return `Into ${title}: ${fillWords(block, heldTasks({ ...block, holds }, workspace))}`;
}
