import { useMemo } from 'react';
import type { Task } from '@/core/model/task';
import { filtered, type Conditions } from '@/core/tasks/filter';
import { inboxOn, isHidden, parkedTasks } from '@/core/tasks/inbox';
import { openOnes } from '@/core/tasks/openTasks';
import { inOrder, type Order } from '@/core/tasks/order';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import type { Shelf } from './ListFilter';

/** Whether a task lies in the list that is shown, or all lists are. */
export const isOnShelf = (task: Task, shelf: Shelf): boolean =>
  typeof shelf !== 'object' || task.listId === shelf.listId;

/** The tasks of a shelf that meet some conditions, in an order, and how many wait aside. */
export function useShelf(shelf: Shelf, order: Order, conditions: Conditions | null) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const aside = useMemo(() => {
    const open = openOnes(workspace, today, zone);
    return {
      open: open.filter((task) => !isHidden(task, zone, now)),
      hidden: open.filter((task) => isHidden(task, zone, now)),
      inbox: inboxOn(workspace, today),
      parked: parkedTasks(workspace),
    };
  }, [workspace, today, zone, now]);
  const tasks = useMemo(() => {
    if (typeof shelf !== 'object' && shelf !== 'all') return aside[shelf];
    const here = aside.open.filter((task) => isOnShelf(task, shelf));
    const meeting = conditions ? filtered(here, conditions, workspace, { today, zone, now }) : here;
    return inOrder(meeting, order, workspace.events, zone);
  }, [aside, shelf, order, conditions, workspace, today, zone, now]);
  const { inbox, parked, hidden } = aside;
  return { tasks, counts: { inbox: inbox.length, parked: parked.length, hidden: hidden.length } };
}
