import { createStore } from 'zustand/vanilla';
import { applyChanges, changesAt, retraced, reversed, type Change } from '@/core/commands/changes';
import { CommandFailed, type Command } from '@/core/commands/command';
import { soundTimes } from '@/core/commands/track';
import { FromTheFuture } from '@/core/model/migrations';
import { emptyWorkspace, type Workspace } from '@/core/model/workspace';
import { agreement, type Told } from './agreement';
import type { LastWords } from './lastWords';
import { noticing, withoutStep, type NoticeState } from './notices';
import { changedPartitions } from './partitions';
import { onDisk } from './onDisk';
import type { Loaded, Repository } from './repository';
import { saving } from './saving';
import { done, lastDone, noSteps, redone, undone, type Step, type Steps } from './steps';
import { storageWords } from './storageWords';
import type { Tabs } from './tabs';
import { trying, type Trial } from './trial';
import { untilWhole } from './untilWhole';

export type StoreState = Steps &
  NoticeState & {
    readonly workspace: Workspace;
    /** What is tried out on top of it, if something is. */
    readonly trial: Trial | null;
    readonly opening: boolean;
    /** Why nothing is being saved at the moment, in words for the person; null when all is well. */
    readonly unsaved: string | null;
    /** Partitions that were found damaged and are kept aside. */
    readonly setAside: readonly string[];
  };

/** A mark outside the database that something was stored in it once, so that an emptied one is not taken for a new one. */
export type Trace = { readonly isThere: () => boolean; readonly leave: () => void };

export type Surroundings = {
  readonly repository: Repository;
  readonly now: () => number;
  readonly lastWords?: LastWords;
  readonly tabs?: Tabs | undefined;
  readonly trace?: Trace;
};

const unsavedWords = (error: unknown) =>
  `Changes are not being saved: the browser’s storage ${storageWords(error)}. Keep this tab open, and make room or export everything; saving is tried again with the next change.`;
const EMPTIED =
  'The browser has emptied the storage of this site: nothing of what was here before is left. Open an exported file under Settings to get it back.';
/** Whoever made a change that was found when the page opened. */
const NOBODY = { at: 0, tab: '' };
const STRANGER = 'Another tab runs another version of Sprindle. Reload the older one before you go on.';

/**
 * Holds one workspace: runs commands, undoes and redoes them, and has saved what they touched. It contains no rule of
 * the trade; what steps, notices, saving and other tabs are stands in a file each.
 */
export function createWorkspaceStore({ repository, now, lastWords, tabs, trace }: Surroundings) {
  const store = createStore<StoreState>(() => ({
    workspace: emptyWorkspace,
    trial: null,
    opening: true,
    ...noSteps,
    notices: [],
    said: [],
    unsaved: null,
    setAside: [],
  }));
  const { getState: get, setState: set } = store;
  const agreed = agreement(tabs?.me ?? '', now);
  const saver = saving({
    repository,
    lastWords,
    workspace: () => get().workspace,
    onWritten: (error) => {
      if (error === undefined) trace?.leave();
      const unsaved = error === undefined ? null : unsavedWords(error);
      if (get().unsaved !== unsaved) set({ unsaved });
    },
  });

  /** What is done while only the first of what is stored has been read; it is done again on all of it. */
  const meanwhile = untilWhole();

  /** Makes a workspace the present one, and returns what has changed by it. */
  const commit = (after: Workspace): readonly Change[] => {
    const before = get().workspace;
    const changes = changesAt(before, after, now());
    const workspace = applyChanges(after, changes);
    set({ workspace });
    if (changes.length === 0) return changes;
    const told = agreed.mine(changes);
    // a partition that has not been read must not be written
    if (!meanwhile.isOver()) {
      saver.mark([], told);
      return changes;
    }
    saver.mark(changedPartitions(before, workspace), told);
    // a tab that may not write keeps to itself
    if (!saver.isStopped()) tabs?.tell(told);
    return changes;
  };

  const { say, offer, hush, hushRefusals, renew } = noticing(set, now);

  /** Takes over what another tab has changed; before what is stored has been read, it waits for that. */
  const early: Told[] = [];
  const hear = (told: Told) => {
    if (!meanwhile.isOver()) return void early.push(told);
    const before = get().workspace;
    const workspace = agreed.theirs(before, told);
    saver.markHeard(changedPartitions(before, workspace));
    set({ workspace });
    const sound = soundTimes(workspace);
    if (sound !== workspace && !saver.isStopped()) commit(sound);
  };
  tabs?.listen({
    changes: hear,
    // what it reads from the disk lacks what is not written yet
    opening() {
      if (!meanwhile.isOver() || saver.isStopped()) return;
      for (const told of new Set([...saver.unwritten(), ...agreed.recent()])) tabs.tell(told);
      void saver.flush();
    },
    stranger: () => say(STRANGER, 'problem'),
  });

  /** Goes a step back or forth in time, and says when nothing is left of it to go back to. */
  const retrace = (changes: readonly Change[], words: string) => {
    const changed = commit(retraced(get().workspace, changes)).length > 0;
    say(changed ? words : `${words}. It had been changed elsewhere since then, and stays so.`);
  };

  /** Runs a command as a step of its own. Throws CommandFailed. */
  const take = <Input>(command: Command<Input>, input: Input): Step | undefined => {
    const outcome = tryCommand(command, input);
    if (outcome) return outcome.step;
    return stepTo(command.label, command.apply(get().workspace, input));
  };

  /** Makes a workspace the present one, as a step that can be undone. */
  const stepTo = (label: string, after: Workspace, outside = false): Step | undefined => {
    const changes = commit(after);
    const step = changes.length > 0 ? { label, changes, ...(outside && { outside }) } : undefined;
    if (!step) return undefined;
    set((state) => done(state, step));
    if (!outside) hushRefusals();
    return step;
  };
  const { tryCommand, takeBackTried, triedAgain, ...trials } = trying({ store, say, stepTo });

  const takeBack = (step: Step) => {
    set((state) => ({ ...undone(state, step), notices: withoutStep(state.notices, step) }));
    return step.changes;
  };

  /** Takes all of what is stored as the present workspace, and does again what was done to the first of it. */
  const complete = ({ workspace: stored, moved }: Loaded, left: readonly Change[]) => {
    const workspace = retraced(stored, left);
    saver.forgetChanges();
    set({ workspace, opening: false, ...noSteps });
    const changed = changedPartitions(stored, workspace);
    // what is on disk already needs no more keeping; what is not stays kept until it is, as this page may be left, too
    const told = changed.length > 0 ? { stamp: NOBODY, changes: left } : undefined;
    saver.mark([...moved, ...changed], told);
    if (left.length > 0 && changed.length === 0) lastWords?.keep([]);
    renew(meanwhile.over());
    early.splice(0).forEach(hear);
  };

  /** Runs a command; one that fails changes nothing, and its reason is returned. */
  const attempt = <Input>(command: Command<Input>, input: Input, words?: string): string | undefined => {
    try {
      const step = take(command, input);
      meanwhile.note(step, () => take(command, input));
      if (words) say(words, 'plain', step);
      return undefined;
    } catch (error) {
      if (!(error instanceof CommandFailed)) throw error;
      return error.message;
    }
  };

  return {
    ...store,
    flush: saver.flush,
    leave: saver.leave,
    say,
    offer,
    hush,
    hushRefusals,

    /** Opens what is stored; a fresh space begins with what `seed` gives. */
    async open(seed?: () => Promise<Workspace>, isNeeded?: (partition: string) => boolean): Promise<void> {
      tabs?.open();
      // before the disk is read: a page that is just being left may write them, and forget them, meanwhile
      const left = lastWords?.take() ?? [];
      // until they are written they are kept where they were
      if (left.length > 0) lastWords?.keep(left);
      try {
        const { first, rest } = await repository.open(now(), isNeeded);
        if (first) {
          saver.mark([], { stamp: NOBODY, changes: left });
          set({ workspace: retraced(first, left), opening: false });
        }
        const loaded = await rest();
        const { fresh, damaged, setAside } = loaded;
        const seeded = fresh && seed ? await seed() : undefined;
        complete(seeded ? { ...loaded, workspace: seeded } : loaded, left);
        if (seeded) saver.mark(changedPartitions(null, seeded));
        set({ setAside });
        if (fresh && trace?.isThere()) say(EMPTIED, 'problem');
        if (damaged.length > 0) {
          say(
            `Part of the stored data was damaged (${damaged.join(', ')}). It was set aside and everything else opened; Settings, “Your data” has it as a file.`,
            'problem',
          );
        }
      } catch (error) {
        saver.stop();
        const unsaved =
          error instanceof FromTheFuture
            ? `${error.message} Nothing was opened and nothing will be overwritten.`
            : `The browser’s storage ${storageWords(error)}. You can look around, but nothing will be saved.`;
        meanwhile.over();
        set({ workspace: emptyWorkspace, ...noSteps, opening: false, unsaved });
      }
    },

    /** Resolves once all of what is stored has been read. */
    whole: () => meanwhile.whole,

    /**
     * Runs a command; `words` are shown with an offer to undo. Returns whether it went through: a command that
     * fails changes nothing and says why.
     */
    run<Input>(command: Command<Input>, input: Input, words?: string): boolean {
      const refused = attempt(command, input, words);
      if (refused !== undefined) say(refused, 'problem', undefined, true);
      return refused === undefined;
    },

    /** Runs a command for a field that says itself why it is refused: returns the reason, if there is one. */
    tryTo: attempt,

    /** Runs a command for something that comes from outside: a step that is undone by name, not as the last thing done. */
    bring: <Input>(command: Command<Input>, input: Input): Step | undefined =>
      stepTo(command.label, command.apply(get().workspace, input), true),

    /** Runs a command that is nothing to the person: no step of it is kept. */
    note<Input>(command: Command<Input>, input: Input): void {
      commit(command.apply(get().workspace, input));
    },

    /** Undoes a step, or the last one; one that is undone already stays so. */
    undo(step: Step | undefined = lastDone(get().trial ?? get())): void {
      if (step && takeBackTried(step)) return;
      if (!step || !get().past.includes(step)) return;
      retrace(reversed(takeBack(step)), `Undone: ${step.label}`);
      meanwhile.note(undefined, (renewed) => {
        const again = renewed.get(step);
        if (again) commit(retraced(get().workspace, reversed(takeBack(again))));
        return undefined;
      });
    },

    /** Does the step again that was undone last, if there is one. */
    redo(): void {
      if (triedAgain()) return;
      const step = get().future.at(-1);
      if (!step) return;
      set((state) => redone(state, step));
      retrace(step.changes, `Done again: ${step.label}`);
      meanwhile.note(undefined, () => {
        const again = get().future.at(-1);
        if (again) set((state) => redone(state, again));
        commit(retraced(get().workspace, again?.changes ?? []));
        return undefined;
      });
    },

    ...trials,
    ...onDisk({ repository, now, steps: () => get().past, isStopped: saver.isStopped }),

    /** Lets go of what was set aside. */
    async forgetDamaged(): Promise<void> {
      await repository.forgetDamaged();
      set({ setAside: [] });
    },

    /** Replaces everything at once, with no way back: for the demo space only. */
    reset(workspace: Workspace): void {
      saver.forgetChanges();
      saver.mark(changedPartitions(get().workspace, workspace));
      set({ workspace, ...noSteps });
    },
  };
}

export type WorkspaceStore = ReturnType<typeof createWorkspaceStore>;
