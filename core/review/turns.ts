import type { TimeEntry } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { doneOn } from '../tasks/openTasks';
import { blocksIn, spanOfBlock, taskOf, tasksOfBlock } from '../tasks/places';
import { DAY, lengthOf, MINUTE, type Span } from '../time/span';
import { durationWords } from '../time/words';
import type { Zone } from '../time/zone';
import { minutesSpent, spanOfEntry } from '../track/spent';
import { datesIn, meetingsOn } from './asking';

/** An instant at which something changed while a timer ran, so that what it ran on may have ended there (epoch ms). */
export type Turn = { readonly at: number } & (
  | { readonly kind: 'blockEnded' }
  /** The minutes that the task was to take were through. */
  | { readonly kind: 'taken'; readonly minutes: number }
  | { readonly kind: 'ticked' | 'meetingBegan' | 'meetingEnded' | 'blockBegan'; readonly title: string }
);

/** Of what changed at the same instant, the first of these is told. */
const kinds = ['ticked', 'blockEnded', 'meetingBegan', 'meetingEnded', 'taken', 'blockBegan'] as const;

/** As many as are read at one look. */
const MOST = 5;
/** What changed a day after the start says nothing about when work ended. */
const LONGEST = DAY;

/** When what an entry was timed on may have ended, in order: what changed in the plan and the calendar meanwhile. */
export function turnsOf(workspace: Workspace, entry: TimeEntry, zone: Zone, now: number): Turn[] {
  const { from, to } = spanOfEntry(entry, now);
  const range = { from, to: Math.min(to, from + LONGEST) };
  const all = [
    ...inPlan(workspace, entry, range, zone),
    ...inCalendar(workspace, range, zone),
    ...ticked(workspace, range, zone),
    ...taken(workspace, entry, now),
  ]
    .filter(({ at }) => at >= range.from + MINUTE && at < range.to)
    .sort((a, b) => a.at - b.at || kinds.indexOf(a.kind) - kinds.indexOf(b.kind));
  return all.filter(({ at }, i) => at !== all[i - 1]?.at).slice(0, MOST);
}

function inPlan(workspace: Workspace, { subject }: TimeEntry, range: Span, zone: Zone): Turn[] {
  return blocksIn(workspace, range, zone).map((block) => {
    const { from, to } = spanOfBlock(block);
    const isOwn = subject.kind === 'task' && tasksOfBlock(block).includes(subject.taskId);
    if (isOwn) return { kind: 'blockEnded', at: to };
    return { kind: 'blockBegan', at: from, title: taskOf(workspace, block.taskId)?.title ?? '' };
  });
}

const inCalendar = (workspace: Workspace, range: Span, zone: Zone): Turn[] =>
  datesIn(range, zone)
    .flatMap((date) => meetingsOn(workspace, date, zone))
    .flatMap(({ from, to, title }): Turn[] => [
      { kind: 'meetingBegan', at: from, title },
      { kind: 'meetingEnded', at: to, title },
    ]);

const ticked = (workspace: Workspace, range: Span, zone: Zone): Turn[] =>
  datesIn(range, zone)
    .flatMap((date) => doneOn(workspace, date, zone))
    .map(({ doneAt, title }) => ({ kind: 'ticked', at: doneAt ?? 0, title }));

function taken(workspace: Workspace, entry: TimeEntry, now: number): Turn[] {
  const { subject, from } = entry;
  const estimate = subject.kind === 'task' ? taskOf(workspace, subject.taskId)?.estimate : null;
  if (subject.kind !== 'task' || !estimate) return [];
  const before = minutesSpent(workspace.entries, subject.taskId, now) - lengthOf(spanOfEntry(entry, now));
  return [{ kind: 'taken', at: from + (estimate - before) * MINUTE, minutes: estimate }];
}

/** What changed, after “when”. */
export function turnWords(turn: Turn): string {
  switch (turn.kind) {
    case 'blockEnded':
      return 'its block ended';
    case 'taken':
      return `its ${durationWords(turn.minutes)} were through`;
    case 'ticked':
      return `${turn.title} was ticked off`;
    case 'meetingBegan':
      return `${turn.title} began`;
    case 'meetingEnded':
      return `${turn.title} ended`;
    case 'blockBegan':
      return `${turn.title} was to begin`;
  }
}
