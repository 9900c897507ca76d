import type { Occurrence } from '../calendar/occurrences';
import { groupedBy } from '../model/collection';
import type { Block, TrayItem } from '../model/plan';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import type { IsoDate, Zone } from '../time/zone';
import { dayPlan, type Load } from './dayPlan';
import { tasksOfBlock } from './group';
import { isTaskSeen, seen } from './lens';

/** One thing of a day, as a line. */
export type DayLine =
  | { readonly kind: 'allDay' | 'meeting'; readonly event: Occurrence }
  | { readonly kind: 'block'; readonly block: Block; readonly task: Task }
  | { readonly kind: 'tray'; readonly item: TrayItem; readonly task: Task }
  | { readonly kind: 'due'; readonly task: Task };

export type DayList = { readonly date: IsoDate; readonly load: Load; readonly lines: readonly DayLine[] };

const byDueDate = groupedBy<Task>(({ due }) => due?.date ?? '');

/**
 * All that a day holds as one list: what takes it whole, what is due, what lies in its tray, then meetings and blocks
 * in one sequence by time. A task that is due on the day and planned on it is there once, as planned.
 */
export function dayList(workspace: Workspace, date: IsoDate, zone: Zone): DayList {
  const plan = seen(dayPlan(workspace, date, zone), workspace);
  const task = (id: string) => workspace.tasks.get(id);
  const tray = plan.tray.flatMap((item): DayLine[] => {
    const found = task(item.taskId);
    return found ? [{ kind: 'tray', item, task: found }] : [];
  });
  const planned = new Set([...plan.tray.map(({ taskId }) => taskId), ...plan.blocks.flatMap(tasksOfBlock)]);
  const due = byDueDate(workspace.tasks, date)
    .filter((one) => one.doneAt === null && !planned.has(one.id) && isTaskSeen(one, workspace.settings))
    .map((one): DayLine => ({ kind: 'due', task: one }));
  const timed = [
    ...plan.meetings.map((event) => ({ at: event.from, line: { kind: 'meeting', event } as const })),
    ...plan.blocks.flatMap((block) => {
      const found = task(block.taskId);
      return found ? [{ at: block.start, line: { kind: 'block', block, task: found } as const }] : [];
    }),
  ].sort((a, b) => a.at - b.at);
  return {
    date,
    load: plan.load,
    lines: [
      ...plan.allDay.map((event): DayLine => ({ kind: 'allDay', event })),
      ...due,
      ...tray,
      ...timed.map(({ line }) => line),
    ],
  };
}
