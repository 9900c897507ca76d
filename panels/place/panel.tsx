import type { Id } from '@/core/model/common';
import { taskOf } from '@/core/tasks/places';
import { useWorkspace } from '@/state/shown';
import type { Panel, Panels } from '@/ui/panels';
import { PlaceSeveral } from './PlaceSeveral';
import { PlaceTask } from './PlaceTask';

declare module '@/ui/panels' {
  interface Panels {
    /** Where a task goes; with the place in the plan that it leaves, if it has one. */
    place: { readonly taskId: Id; readonly blockId?: Id; readonly trayId?: Id };
    /** Where several tasks go; `then` runs once they have their places. */
    placeSeveral: { readonly taskIds: readonly Id[]; readonly then: () => void };
  }
}

export const place: Panel<Panels['place']> = {
  useTitle: ({ taskId }) => `Place ${taskOf(useWorkspace(), taskId)?.title ?? 'the task'}`,
  Content: PlaceTask,
};

export const placeSeveral: Panel<Panels['placeSeveral']> = {
  useTitle: () => 'Place several tasks',
  Content: PlaceSeveral,
};
