import type { StoreApi } from 'zustand/vanilla';
import { changesBetween, differing, retraced, type Change } from '@/core/commands/changes';
import type { Command } from '@/core/commands/command';
import type { Workspace } from '@/core/model/workspace';
import { withoutStep, type Notice } from './notices';
import { done, noSteps, redone, undone, type Step, type Steps } from './steps';

/*
 * What is tried out on top of the present workspace: it is drawn and can be changed and undone like everything, but nothing of it
 * counts, or is kept, until it is accepted.
 */

export type Trial = Steps & {
  readonly name: string;
  /** The workspace as it would be. */
  readonly workspace: Workspace;
};

/** The workspace as it is shown: with what is tried out, if something is. */
export const shownOf = ({ trial, workspace }: { trial: Trial | null; workspace: Workspace }): Workspace =>
  trial?.workspace ?? workspace;

/** What is tried out with a plan; what concerns anything else counts at once. */
const isTried = (change: Change): boolean =>
  change.part === 'blocks' ||
  change.part === 'tray' ||
  // what is placed leaves the inbox
  (change.part === 'tasks' &&
    change.before !== null &&
    change.after !== null &&
    differing(change.before, change.after).every((field) => field === 'inbox'));

const begun = (name: string, workspace: Workspace): Trial => ({ name, workspace, ...noSteps });

/** The same on another present workspace: what has been changed there otherwise stays. */
const rebased = (trial: Trial, present: Workspace): Trial => ({
  ...trial,
  workspace: trial.past.reduce((workspace, { changes }) => retraced(workspace, changes), present),
});

/** A trial after a command, with the step that it took; undefined where the command is about what is not tried out. */
function tried<Input>(
  trial: Trial,
  command: Command<Input>,
  input: Input,
): { readonly trial: Trial; readonly step: Step | undefined } | undefined {
  const workspace = command.apply(trial.workspace, input);
  const changes = changesBetween(trial.workspace, workspace);
  if (changes.length === 0) return { trial, step: undefined };
  if (!changes.every(isTried)) return undefined;
  const step = { label: command.label, changes };
  return { trial: { ...trial, ...done(trial, step), workspace }, step };
}

/** A trial without one of its steps. */
function without(trial: Trial, present: Workspace, step: Step): Trial {
  return rebased({ ...trial, ...undone(trial, step) }, present);
}

/** A trial with the step again that was undone last. */
function again(trial: Trial, present: Workspace): Trial {
  const step = trial.future.at(-1);
  return step ? rebased({ ...trial, ...redone(trial, step) }, present) : trial;
}

/** The present workspace with what was tried out: all of it, or only some blocks, and the trays as they are with these. */
function accepted(trial: Trial, present: Workspace, only?: readonly string[]): Workspace {
  if (!only) return trial.workspace;
  const blocks = only.flatMap((id) => trial.workspace.blocks.get(id) ?? []);
  const tasks = new Set(blocks.flatMap(({ taskId, holds = [] }) => [taskId, ...holds]));
  const gone = present.tray
    .values()
    .filter(({ id, taskId }) => tasks.has(taskId) && !trial.workspace.tray.has(id))
    .map(({ id }) => id);
  return { ...present, blocks: present.blocks.with(blocks), tray: present.tray.with([], gone) };
}

type Means = {
  readonly store: StoreApi<{ trial: Trial | null; workspace: Workspace; notices: readonly Notice[] }>;
  readonly say: (text: string, tone?: 'plain', step?: Step) => void;
  /** Makes a workspace the present one, as a step that can be undone. */
  readonly stepTo: (label: string, after: Workspace) => Step | undefined;
};

/** What can be done about what is tried out in a store. */
export function trying({ store: { getState, setState, subscribe }, say, stepTo }: Means) {
  subscribe(({ workspace, trial }, before) => {
    if (trial && workspace !== before.workspace) setState({ trial: rebased(trial, workspace) });
  });
  return {
    /** Runs a command on what is tried out; undefined where nothing is, or the command is about something else. */
    tryCommand<Input>(
      command: Command<Input>,
      input: Input,
    ): { readonly step: Step | undefined } | undefined {
      const { trial } = getState();
      const outcome = trial ? tried(trial, command, input) : undefined;
      if (outcome) setState({ trial: outcome.trial });
      return outcome;
    },

    /** Undoes a step of what is tried out; returns whether it is one. */
    takeBackTried(step: Step): boolean {
      const { trial, workspace, notices } = getState();
      if (!trial?.past.includes(step)) return false;
      setState({ trial: without(trial, workspace, step), notices: withoutStep(notices, step) });
      say(`Undone: ${step.label}`);
      return true;
    },

    /** Does the step again that was undone last; returns whether something is tried out. */
    triedAgain(): boolean {
      const { trial, workspace } = getState();
      if (trial) setState({ trial: again(trial, workspace) });
      return trial !== null;
    },

    /** Tries something out on top of the present workspace, in the place of what was tried before. */
    tryOut(name: string): void {
      setState({ trial: begun(name, getState().workspace) });
    },

    /** Lets what was tried out count, all of it or only some blocks, as one step of that name. */
    accept(label: string, words: string, only?: readonly string[]): void {
      const { trial, workspace } = getState();
      if (!trial) return;
      if (!only) setState({ trial: null });
      say(words, 'plain', stepTo(label, accepted(trial, workspace, only)));
    },

    /** Lets go of what was tried out. */
    leaveTrial(): void {
      setState({ trial: null });
    },
  };
}
