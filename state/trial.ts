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

/** A plan that is proposed, or a change of which one wants to see what it would do. */
export type TrialKind = 'plan' | 'whatIf';

export type Trial = Steps & {
  readonly kind: TrialKind;
  readonly name: string;
  /** The workspace as it would be. */
  readonly workspace: Workspace;
};

/** The workspace as it is shown: with what is tried out, if something is. */
export const shownOf = ({ trial, workspace }: { trial: Trial | null; workspace: Workspace }): Workspace =>
  trial?.workspace ?? workspace;

/** The parts of which all is tried out. */
const parts: Record<TrialKind, readonly Change['part'][]> = {
  plan: ['blocks', 'tray'],
  whatIf: ['blocks', 'tray', 'frames', 'frameHolds', 'zoneChanges', 'dayCapacities'],
};
/** What of tasks is tried out: what is placed leaves the inbox. */
const fields: Record<TrialKind, readonly string[]> = {
  plan: ['inbox'],
  whatIf: [
    ...['inbox', 'estimate', 'firstEstimate', 'due', 'notBefore', 'neededBy'],
    ...['priority', 'category', 'energy', 'parked', 'waitsFor', 'sitting'],
  ],
};

/** What is tried out with the question what would be, unless it is new: that has come from elsewhere. */
const changed: readonly Change['part'][] = ['events', 'goals'];
/** What goes along when one of these is deleted. */
const goingAlong: readonly Change['part'][] = ['attachments', 'links', 'remarks'];

/** Whether a change is tried out; what concerns anything else, as a task that is new or done, counts at once. */
function isTried(kind: TrialKind, { part, before, after }: Change): boolean {
  if (parts[kind].includes(part)) return true;
  const isKnown = kind === 'whatIf' && before !== null;
  if (changed.includes(part)) return isKnown;
  if (goingAlong.includes(part)) return isKnown && after === null;
  if (part !== 'tasks' || before === null || after === null) return false;
  return differing(before, after).every((field) => fields[kind].includes(field));
}

const begun = (name: string, kind: TrialKind, workspace: Workspace): Trial => ({
  ...{ name, kind, workspace },
  ...noSteps,
});

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
  if (!changes.every((change) => isTried(trial.kind, change))) return undefined;
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
    tryOut(name: string, kind: TrialKind = 'plan'): void {
      setState({ trial: begun(name, kind, getState().workspace) });
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
