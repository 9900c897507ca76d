import { isMeantFor } from '../frame/belonging';
import type { Workspace } from '../model/workspace';
import { meetingNeeding } from '../tasks/deadline';
import { waitedFor } from '../tasks/waiting';
import type { FitAsked } from './asked';
import type { Built } from './build';
import { endOf, unitsOf, type FitModel, type Piece, type Plan } from './model';

/** Why a sitting lies where it does. */
export type Reason =
  | { readonly kind: 'overdue' }
  /** It is before the instant at which the work is due, or at which the meeting begins that needs it. */
  | { readonly kind: 'before'; readonly at: number; readonly meeting: string | null }
  /** It comes too late by so many minutes: nothing that fits is left before. */
  | { readonly kind: 'late'; readonly minutes: number }
  /** There is no other free stretch in time that is long enough. */
  | { readonly kind: 'only' }
  | { readonly kind: 'zone'; readonly name: string }
  | { readonly kind: 'sharp' }
  | { readonly kind: 'catchUp' }
  | { readonly kind: 'after'; readonly title: string }
  | { readonly kind: 'sitting'; readonly which: number; readonly of: number }
  | { readonly kind: 'small'; readonly count: number }
  /** In mending: it stays where it stood. */
  | { readonly kind: 'stays' }
  /** In mending: it stood there before. */
  | { readonly kind: 'moved'; readonly from: number }
  /** Nothing in particular: it is free. */
  | { readonly kind: 'free' };

/** Why the k-th sitting of a job lies where it does, what tells most first. */
export function reasonsFor(
  workspace: Workspace,
  asked: FitAsked,
  { model, wanted, slots }: Built,
  plan: Plan,
  i: number,
  k: number,
): Reason[] {
  const job = model.jobs[i];
  const own = wanted[i];
  const pieces = plan[i] ?? [];
  const piece = pieces[k];
  if (!job || !own || !piece) return [];
  const { tasks, last, blocks } = own;
  const [task] = tasks;
  const slot = slots[piece.from];
  const zone = slot?.zone;
  const end = slots[endOf(piece) - 1]?.to ?? 0;
  const found: Reason[] = [];
  const stood = blocks[k];
  if (blocks.some(({ start }) => start === slot?.from)) found.push({ kind: 'stays' });
  else if (stood) found.push({ kind: 'moved', from: stood.start });
  if (last <= asked.now) found.push({ kind: 'overdue' });
  else if (end > last) found.push({ kind: 'late', minutes: Math.round((end - last) / 60_000) });
  else if (last <= asked.until) {
    const meeting = meetingNeeding(task, workspace.events, asked.zone);
    found.push({ kind: 'before', at: last, meeting: meeting?.from === last ? meeting.title : null });
    if (isOnly(model, piece, job.from, job.due, i)) found.push({ kind: 'only' });
  }
  for (const before of waitedFor(workspace, task)) found.push({ kind: 'after', title: before.title });
  if (zone?.energy === 'sharp' && task.energy === 'sharp') found.push({ kind: 'sharp' });
  if (zone && isMeantFor(zone, task)) found.push({ kind: 'zone', name: zone.name });
  else if (zone?.catchUp) found.push({ kind: 'catchUp' });
  if (pieces.length > 1) found.push({ kind: 'sitting', which: k + 1, of: pieces.length });
  if (tasks.length > 1) found.push({ kind: 'small', count: tasks.length });
  return found.length > 0 ? found : [{ kind: 'free' }];
}

/** Whether no other stretch that is free in time takes a sitting as long. */
function isOnly(model: FitModel, piece: Piece, from: number, due: number, i: number): boolean {
  const { run, jobs } = model;
  let length = 0;
  for (let unit = from; unit < due; unit += 1) {
    const isFree = jobs[i]?.gain[unit] !== -Infinity;
    length = isFree ? (run[unit] === run[unit - 1] ? length + 1 : 1) : 0;
    if (length >= piece.units && run[unit] !== run[piece.from]) return false;
  }
  return unitsOf([piece]) > 1;
}
