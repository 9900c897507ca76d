import { useMemo } from 'react';
import type { Task } from '@/core/model/task';
import { toPlace } from '@/core/tasks/toPlace';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** The open tasks that need a place. */
export function useToPlace(): Task[] {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  return useMemo(() => toPlace(workspace, today, zone, now), [workspace, today, zone, now]);
}
