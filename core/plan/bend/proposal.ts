import type { Block } from '../../model/plan';
import type { Workspace } from '../../model/workspace';
import { lastInstant } from '../../tasks/deadline';
import { taskOf } from '../../tasks/places';
import { touched } from '../../tasks/repeating';
import { dayOf, type Zone } from '../../time/zone';
import { judgeBlock, type Finding } from '../judge';
import { placesFor } from '../placing';
import { reflow, type Bending, type Shift } from './reflow';

/** A block with the hours that are proposed for it, and what they mean. */
export type Proposed = Shift & { readonly findings: readonly Finding[] };

export type BendProposal = {
  /** What moves within the day. */
  readonly moved: readonly Proposed[];
  /** What no longer fits, each with the best other place; null where none is free within two weeks. */
  readonly over: readonly { readonly block: Block; readonly place: Proposed | null }[];
  /** The blocks that could move, and need not. */
  readonly kept: readonly Block[];
  /** The workspace as it would be. */
  readonly after: Workspace;
};

/** As it will be moved: one time of something that repeats by itself. */
function withShift(workspace: Workspace, { block, start, minutes }: Shift): Workspace {
  const alone = touched(workspace, block.id);
  return { ...alone, blocks: alone.blocks.with([{ ...block, start, minutes }]) };
}

/** A block at its new hours, with what they mean in the workspace as it would be. */
const judgedIn = (after: Workspace, shift: Shift, zone: Zone): Proposed => {
  const { block, start, minutes } = shift;
  return { ...shift, findings: judgeBlock(after, { ...block, start, minutes }, { zone }) };
};

/** What new hours of several blocks would mean once all of them have theirs. */
export function proposeHours(workspace: Workspace, shifts: readonly Shift[], zone: Zone): Proposed[] {
  const after = shifts.reduce(withShift, workspace);
  return shifts.map((shift) => judgedIn(after, shift, zone));
}

/**
 * How a day would bend, with what each place means by the rules of `judge`. What no longer fits goes to the next days: before
 * it is due, in a zone meant for it, where there is room.
 */
export function proposeBend(workspace: Workspace, bending: Bending): BendProposal {
  const { zone, now, date } = bending;
  const { moved, kept, over } = reflow(workspace, bending);
  const within = moved.reduce(withShift, workspace);
  let after = within;
  const later = Math.max(now, dayOf(date, zone).to);
  const elsewhere = over.map(({ block, minutes }) => {
    const task = taskOf(workspace, block.taskId);
    if (!task) return { block, shift: null };
    const last = lastInstant(task, workspace.events, zone);
    const [place] = placesFor(after, task, minutes, zone, later, last, 1);
    if (!place) return { block, shift: null };
    const shift = { block, start: place.from, minutes };
    after = withShift(after, shift);
    return { block, shift };
  });
  const judged = (shift: Shift) => judgedIn(after, shift, zone);
  return {
    moved: moved.map(judged),
    over: elsewhere.map(({ block, shift }) => ({ block, place: shift && judged(shift) })),
    kept,
    after,
  };
}
