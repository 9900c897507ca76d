import { changeSettings } from '@/core/commands/calendar';
import { frameOf } from '@/core/frame/holding';
import { FIRST_FRAME } from '@/core/model/firstFrame';
import type { FirstStep } from '@/core/plan/firstSteps';
import { toPlace } from '@/core/tasks/toPlace';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { openPanel } from '@/ui/panels';
import { chooseCalendarFile } from './files/chooseFile';

/** Leads a newcomer to where a step is done. */
export function takeStep(step: FirstStep): void {
  const workspace = currentWorkspace();
  const { now, zone } = here();
  switch (step) {
    case 'frame': {
      const frameId = frameOf(workspace, dateOf(now, zone))?.id ?? FIRST_FRAME;
      return openPanel({ kind: 'guide', frameId });
    }
    case 'calendar':
      return chooseCalendarFile();
    case 'notes':
      return openPanel({ kind: 'quick' });
    case 'lengths':
      return openPanel({ kind: 'estimates' });
    case 'place': {
      const [first] = toPlace(workspace, dateOf(now, zone), zone, now);
      return openPanel(first ? { kind: 'place', taskId: first.id } : { kind: 'quick' });
    }
  }
}

/** Does without a step. */
export function skipStep(step: FirstStep): void {
  const { firstSteps } = currentWorkspace().settings;
  store.run(changeSettings, { firstSteps: { ...firstSteps, skipped: [...firstSteps.skipped, step] } });
}

/** Takes the first steps out of sight for good. */
export function putStepsAway(): void {
  const { firstSteps } = currentWorkspace().settings;
  store.run(changeSettings, { firstSteps: { ...firstSteps, away: true } }, 'The first steps are put away');
}
