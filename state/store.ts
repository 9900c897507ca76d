import { createStore } from 'zustand/vanilla';
import { applyChanges, changesAt, retraced, reversed, type Change } from '@/core/commands/changes';
import { CommandFailed, type Command } from '@/core/commands/command';
import { soundTimes } from '@/core/commands/track';
import { FromTheFuture } from '@/core/model/migrations';
import { emptyWorkspace, type Workspace } from '@/core/model/workspace';
import { agreement, type Told } from './agreement';
import type { LastWords } from './lastWords';
import { noticed, withoutNotice, withoutStep, type Notice } from './notices';
import { changedPartitions } from './partitions';
import type { Repository } from './repository';
import { saving } from './saving';
import { done, noSteps, redone, undone, type Step, type Steps } from './steps';
import { storageWords } from './storageWords';
import type { Tabs } from './tabs';

export type StoreState = Steps & {
  readonly workspace: Workspace;
  readonly opening: boolean;
  /** The notices that wait or are shown, the latest last. */
  readonly notices: readonly Notice[];
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
const STRANGER = 'Another tab runs another version of Sprindle. Reload the older one before you go on.';

/**
 * Holds one workspace: runs commands, undoes and redoes them, and has saved what they touched. It contains no rule of
 * the trade; what steps, notices, saving and other tabs are stands in a file each.
 */
export function createWorkspaceStore({ repository, now, lastWords, tabs, trace }: Surroundings) {
  const store = createStore<StoreState>(() => ({
    workspace: emptyWorkspace,
    opening: true,
    ...noSteps,
    notices: [],
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

  /** Makes a workspace the present one, and returns what has changed by it. */
  const commit = (after: Workspace): readonly Change[] => {
    const before = get().workspace;
    const changes = changesAt(before, after, now());
    const workspace = applyChanges(after, changes);
    set({ workspace });
    if (changes.length === 0) return changes;
    const told = agreed.mine(changes);
    saver.mark(changedPartitions(before, workspace), told);
    // a tab that may not write keeps to itself
    if (!saver.isStopped()) tabs?.tell(told);
    return changes;
  };

  let lastNotice = 0;
  const say = (text: string, tone: Notice['tone'] = 'plain', step?: Step) => {
    lastNotice += 1;
    const notice = { id: lastNotice, text, tone, step };
    set(({ notices }) => ({ notices: noticed(notices, notice) }));
  };

  /** Takes over what another tab has changed; before what is stored has been read, it waits for that. */
  const early: Told[] = [];
  const hear = (told: Told) => {
    if (get().opening) return void early.push(told);
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
      if (get().opening || saver.isStopped()) return;
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

  return {
    ...store,
    flush: saver.flush,
    leave: saver.leave,
    say,
    /** Adds an offer to the latest notice. */
    offer: (offer: NonNullable<Notice['offer']>) =>
      set(({ notices }) => ({
        notices: notices.map((notice) => (notice.id === lastNotice ? { ...notice, offer } : notice)),
      })),
    /** Takes a notice away. */
    hush: (id: number) => set(({ notices }) => ({ notices: withoutNotice(notices, id) })),

    /** Opens what is stored; a fresh space begins with what `seed` gives. */
    async open(seed?: () => Promise<Workspace>): Promise<void> {
      tabs?.open();
      // before the disk is read: a page that is just being left may write them, and forget them, meanwhile
      const left = lastWords?.take() ?? [];
      try {
        const loaded = await repository.load(now());
        const stored = loaded.fresh && seed ? await seed() : loaded.workspace;
        saver.mark(loaded.fresh && seed ? changedPartitions(null, stored) : loaded.moved);
        const workspace = retraced(stored, left);
        saver.mark(changedPartitions(stored, workspace));
        set({ workspace, opening: false, setAside: loaded.setAside });
        early.splice(0).forEach(hear);
        if (loaded.fresh && trace?.isThere()) say(EMPTIED, 'problem');
        if (loaded.damaged.length > 0) {
          say(
            `Part of the stored data was damaged (${loaded.damaged.join(', ')}). It was set aside and everything else opened; Settings, “Your data” has it as a file.`,
            'problem',
          );
        }
      } catch (error) {
        lastWords?.keep(left);
        saver.stop();
        const unsaved =
          error instanceof FromTheFuture
            ? `${error.message} Nothing was opened and nothing will be overwritten.`
            : `The browser’s storage ${storageWords(error)}. You can look around, but nothing will be saved.`;
        set({ opening: false, unsaved });
      }
    },

    /**
     * Runs a command; `words` are shown with an offer to undo. Returns whether it went through: a command that
     * fails changes nothing and says why.
     */
    run<Input>(command: Command<Input>, input: Input, words?: string): boolean {
      try {
        const changes = commit(command.apply(get().workspace, input));
        const step = changes.length > 0 ? { label: command.label, changes } : undefined;
        if (step) set((state) => done(state, step));
        if (words) say(words, 'plain', step);
        return true;
      } catch (error) {
        if (!(error instanceof CommandFailed)) throw error;
        say(error.message, 'problem');
        return false;
      }
    },

    /** Undoes a step, or the last one; one that is undone already stays so. */
    undo(step: Step | undefined = get().past.at(-1)): void {
      if (!step || !get().past.includes(step)) return;
      set((state) => ({ ...undone(state, step), notices: withoutStep(state.notices, step) }));
      retrace(reversed(step.changes), `Undone: ${step.label}`);
    },

    /** Does the step again that was undone last, if there is one. */
    redo(): void {
      const step = get().future.at(-1);
      if (!step) return;
      set((state) => redone(state, step));
      retrace(step.changes, `Done again: ${step.label}`);
    },

    /** Whether this tab writes nothing, as what is stored cannot be read or is of a later version. */
    isReadOnly: () => saver.isStopped(),

    /** What lies on the disk, as it stands there, for when it could not be opened. */
    onDisk: () => repository.everything(),

    /** What was found damaged, as the text of a file. */
    damagedFile: async (): Promise<string> =>
      JSON.stringify({ format: 'sprindle-damaged-parts', parts: await repository.damaged() }, null, 1),

    async forgetDamaged(): Promise<void> {
      await repository.forgetDamaged();
      set({ setAside: [] });
    },

    /** Keeps what the last step did under a name, so that it can be taken back even when the data cannot be opened. */
    async noteImport(name: string): Promise<void> {
      const changes = (get().past.at(-1)?.changes ?? []).flatMap((change) =>
        'id' in change ? [{ part: change.part, id: change.id, before: change.before }] : [],
      );
      if (changes.length === 0 || saver.isStopped()) return;
      // a note that cannot be kept costs no more than the way back through the safe door
      await repository.noteImport({ at: now(), name, changes }).catch(() => undefined);
    },

    /** Replaces everything at once, with no way back: for the demo space only. */
    reset(workspace: Workspace): void {
      saver.forgetChanges();
      saver.mark(changedPartitions(get().workspace, workspace));
      set({ workspace, ...noSteps });
    },
  };
}
