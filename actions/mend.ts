import { editTask } from '@/core/commands/tasks';
import { lengthenDay } from '@/core/commands/frames';
import type { Change } from '@/core/feasible/mends';
import { store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { parkTasks, showAgain } from './inbox';
import { relocate } from './places';

/** Makes a change that helps, in one step; a meeting is opened, as others have to agree to its moving. */
export function mend(change: Change, words: string): void {
  switch (change.kind) {
    case 'move': {
      const { block, start } = change;
      return void relocate(block, { start, minutes: block.minutes }, words);
    }
    case 'earlier':
      return void showAgain(change.task);
    case 'meeting':
      return openPanel({ kind: 'meeting', meeting: change.meeting });
    case 'longer': {
      const { date, zone, capacity } = change;
      return void store.run(lengthenDay, { date, zone, capacity }, words);
    }
    case 'smaller':
      return void store.run(editTask, { id: change.task.id, estimate: change.estimate }, words);
    case 'park':
      return void parkTasks([change.task.id], null);
  }
}
