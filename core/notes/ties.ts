import type { Day } from '../model/day';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';
import type { IsoDate } from '../time/zone';
import { boxesOf } from './boxes';

/* Boxes of a day's note that have become tasks are known by what they say. */

type Ties = Day['ties'];

/** How many letters two texts have alike at their beginnings. */
function alike(a: string, b: string): number {
  const shorter = Math.min(a.length, b.length);
  for (let i = 0; i < shorter; i += 1) if (a[i] !== b[i]) return i;
  return shorter;
}

const reversed = (text: string) => [...text].reverse().join('');

/** Whether a text can be what became of another: half of the shorter one stands at their beginnings and ends alike. */
function isReworded(before: string, after: string): boolean {
  const [a, b] = [before.toLowerCase(), after.toLowerCase()];
  return alike(a, b) + alike(reversed(a), reversed(b)) >= Math.min(a.length, b.length) / 2;
}

/** The ties of a note after it was written anew: of a box that reads otherwise now, the tie goes along. */
function followed(ties: Ties, before: string, after: string): Ties {
  const [old, now] = [boxesOf(before), boxesOf(after)];
  const come = [...now.keys()].filter((text) => !old.has(text));
  return ties.map((tie) => {
    if (now.has(tie.text) || !old.has(tie.text)) return tie;
    const at = come.findIndex((text) => isReworded(tie.text, text));
    const [text = tie.text] = at < 0 ? [] : come.splice(at, 1);
    return { ...tie, text };
  });
}

/** What another note means for a day: its ties, and the tasks whose boxes say otherwise than they do whether they are done. */
export function noteAnew(
  workspace: Workspace,
  date: IsoDate,
  note: string,
): { readonly ties: Ties; readonly switched: readonly Task[] } {
  const { ties: before = [], note: was = '' } = workspace.days.get(date) ?? {};
  const ties = followed(before, was, note);
  const boxes = boxesOf(note);
  const switched = ties.flatMap(({ text, taskId }) => {
    const task = taskOf(workspace, taskId);
    const ticked = boxes.get(text);
    return task && ticked !== undefined && ticked !== (task.doneAt !== null) ? [task] : [];
  });
  return { ties, switched };
}
