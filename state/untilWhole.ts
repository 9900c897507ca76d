import { CommandFailed } from '@/core/commands/command';
import type { Step } from './steps';

/** The steps that stand in the place of those that were taken before everything was read. */
export type Renewed = ReadonlyMap<Step, Step>;

/** Does something again; returns the step that it takes this time, if it takes one. */
type Again = (renewed: Renewed) => Step | undefined;

/**
 * What is done while only the first of what is stored has been read: on the whole of it each thing may mean more, as a
 * deleted task has old blocks too. So it is noted, and done again in the same order once everything is there.
 */
export function untilWhole() {
  const noted: { readonly step: Step | undefined; readonly again: Again }[] = [];
  let isOver = false;
  let tell: () => void = () => undefined;
  const whole = new Promise<void>((resolve) => (tell = resolve));
  return {
    isOver: () => isOver,
    /** Resolves when it is over. */
    whole,
    note(step: Step | undefined, again: Again): void {
      if (!isOver) noted.push({ step, again });
    },
    /** Everything is there: does it all again, and returns the steps that this has given. */
    over(): Renewed {
      isOver = true;
      const renewed = new Map<Step, Step>();
      for (const { step, again } of noted.splice(0)) {
        const next = attempted(() => again(renewed));
        if (step && next) renewed.set(step, next);
      }
      tell();
      return renewed;
    },
  };
}

/** What can no longer be done is left: the rest of what is stored says otherwise. */
function attempted(again: () => Step | undefined): Step | undefined {
  try {
    return again();
  } catch (error) {
    if (!(error instanceof CommandFailed)) throw error;
    return undefined;
  }
}
