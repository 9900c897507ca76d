import type { Said } from '@/core/commands/clarify';
import type { Id } from '@/core/model/common';
import type { Due, Task } from '@/core/model/task';
import type { Workspace } from '@/core/model/workspace';
import type { Occurrence } from '@/core/calendar/occurrences';
import { dayPlan } from '@/core/plan/dayPlan';
import { dueText } from '@/core/tasks/dueWords';
import { minutesTaken } from '@/core/tasks/takes';
import { dateWords, durationWords } from '@/core/time/words';
import type { Zone } from '@/core/time/zone';
import { stepsOf } from '@/actions/inbox';

/** What has been chosen for one thing of the inbox; null and '' where nothing has. */
export type Decision = {
  readonly minutes: number | null;
  readonly due: Due | null;
  readonly meeting: Occurrence | null;
  /** Into whose tray it goes. */
  readonly day: string | null;
  readonly listId: Id | null;
  /** Steps as they are typed, one a line. */
  readonly steps: string;
};

export const undecided: Decision = {
  minutes: null,
  due: null,
  meeting: null,
  day: null,
  listId: null,
  steps: '',
};

const linesOf = (typed: string) =>
  typed
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

/** Whether nothing has been said that takes a thing out of the inbox; how long it takes does not. */
export const saysNothing = ({ due, meeting, day, listId, steps }: Decision): boolean =>
  due === null && meeting === null && day === null && listId === null && linesOf(steps).length === 0;

/** What was chosen, as it is said of the task; without a choice it stays in its list. */
export function saidOf({ minutes, due, meeting, listId, steps }: Decision, task: Task): Said {
  const titles = linesOf(steps);
  return {
    listId: listId ?? task.listId,
    ...(minutes === null ? {} : { estimate: minutes }),
    ...(due === null ? {} : { due }),
    ...(meeting ? { neededBy: { eventId: meeting.eventId, recurrence: meeting.recurrence } } : {}),
    ...(titles.length === 0 ? {} : { steps: [...(task.steps ?? []), ...stepsOf(titles)] }),
  };
}

/** What becomes of the thing, in a sentence. */
export function decisionWords(decision: Decision, task: Task, workspace: Workspace, zone: Zone): string {
  const { minutes, due, meeting, day, listId, steps } = decision;
  if (saysNothing(decision))
    return minutes === task.estimate
      ? 'Nothing said yet: it stays in the inbox.'
      : `${minutes === null ? 'Without a length' : durationWords(minutes)}: it stays in the inbox.`;
  const list = workspace.lists.get(listId ?? task.listId)?.name ?? 'its list';
  const until = [
    due ? `due ${dueText(due, workspace.settings)}` : '',
    meeting ? `needed by ${meeting.title}` : '',
    linesOf(steps).length > 0 ? `with ${linesOf(steps).length} steps` : '',
  ].filter(Boolean);
  const facts = until.length > 0 ? `, ${until.join(', ')}` : '';
  if (day === null)
    return until.length > 0
      ? `In ${list}${facts}. It waits to be placed.`
      : `In ${list}, without a day or a date.`;
  const { free } = dayPlan(workspace, day, zone).load;
  const left = free - minutesTaken(workspace, { ...task, estimate: minutes ?? task.estimate });
  const room =
    left >= 0 ? `${durationWords(left)} stay free` : `${durationWords(-left)} more than there is room`;
  return `In ${list}${facts}, in the tray of ${dateWords(day, workspace.settings)}: ${room}.`;
}
