import { isUntouched } from '../model/firstFrame';
import type { Workspace } from '../model/workspace';

/** The steps from an empty start to a first planned day, in their order. */
export const firstSteps = ['frame', 'calendar', 'notes', 'lengths', 'place'] as const;
export type FirstStep = (typeof firstSteps)[number];

/** How far a step is: how many of how many; `isSkipped` when the person does without it. */
export type StepState = {
  readonly step: FirstStep;
  readonly done: number;
  readonly of: number;
  readonly isSkipped: boolean;
};

/** So many things are noted before a plan makes sense. */
const NOTES = 5;
/** Whoever has so many tasks is no newcomer, whatever was skipped. */
const SETTLED = 30;

type Kept = Pick<Workspace, 'frames' | 'calendars' | 'tasks' | 'blocks' | 'settings'>;

/** Whether the hours of the week are other than those that everybody begins with. */
const isShaped = ({ frames }: Kept): boolean => frames.values().some((frame) => !isUntouched(frame));

/** How many of a step are there; a step of one thing is done or not. */
function doneOf(step: FirstStep, workspace: Kept): number {
  const { calendars, tasks, blocks } = workspace;
  switch (step) {
    case 'frame':
      return isShaped(workspace) ? 1 : 0;
    case 'calendar':
      return calendars.size > 0 ? 1 : 0;
    case 'notes':
      return Math.min(NOTES, tasks.size);
    case 'lengths':
      return Math.min(NOTES, tasks.values().filter(({ estimate }) => estimate !== null).length);
    case 'place':
      return blocks.size > 0 ? 1 : 0;
  }
}

/** How far a newcomer is; null for who has all of it behind, has put it away, or has been here for long. */
export function newcomerSteps(workspace: Kept): readonly StepState[] | null {
  const { away, skipped } = workspace.settings.firstSteps;
  if (away || workspace.tasks.size >= SETTLED) return null;
  const steps = firstSteps.map((step): StepState => ({
    step,
    done: doneOf(step, workspace),
    of: step === 'notes' || step === 'lengths' ? NOTES : 1,
    isSkipped: skipped.includes(step),
  }));
  return steps.some(isOpen) ? steps : null;
}

/** Whether a step still waits to be done. */
export const isOpen = ({ done, of, isSkipped }: StepState): boolean => done < of && !isSkipped;
