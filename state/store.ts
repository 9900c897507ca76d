import { createStore } from 'zustand/vanilla';
import {
  applyChanges,
  changedAt,
  changesBetween,
  heard,
  retraced,
  reversed,
  type Change,
} from '@/core/commands/changes';
import { CommandFailed, type Command } from '@/core/commands/command';
import { emptyWorkspace, type Workspace } from '@/core/model/workspace';
import { changedPartitions } from './partitions';
import { FromTheFuture } from '@/core/model/migrations';
import type { LastWords } from './lastWords';
import type { Repository } from './repository';

/** One undoable step. */
type Step = { readonly label: string; readonly changes: readonly Change[] };

/** A line that is shown for a while; with `undoable` it offers to undo the last step. */
export type Notice = {
  readonly text: string;
  readonly tone: 'plain' | 'problem';
  readonly undoable: boolean;
  /** Something more that can be done now. */
  readonly offer?: { readonly label: string; readonly press: () => void };
};

export type StoreState = {
  readonly workspace: Workspace;
  readonly opening: boolean;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly notice: Notice | null;
  /** Why nothing is being saved at the moment, in words for the person; null when all is well. */
  readonly unsaved: string | null;
  /** Partitions that were found damaged and are kept aside. */
  readonly setAside: readonly string[];
};

export type Surroundings = {
  readonly repository: Repository;
  readonly now: () => number;
  readonly lastWords?: LastWords;
  /** Tells other tabs of changes; `listen` is called with theirs. */
  readonly tabs?: {
    tell: (changes: readonly Change[]) => void;
    listen: (heard: (changes: readonly Change[]) => void) => void;
  };
};

/** Milliseconds from a change to its writing, so that it is on disk well within half a second. */
const SAVE_AFTER = 200;
const MOST_STEPS = 200;

/**
 * Holds one workspace: runs commands, undoes and redoes them, and saves what they touched within half a second.
 * It contains no rule of the trade and leaves reading and writing to the repository.
 */
export function createWorkspaceStore({ repository, now, lastWords, tabs }: Surroundings) {
  const store = createStore<StoreState>(() => ({
    workspace: emptyWorkspace,
    opening: true,
    past: [],
    future: [],
    notice: null,
    unsaved: null,
    setAside: [],
  }));
  const dirty = new Set<string>();
  /** The changes that are not on disk yet. */
  let unwritten: readonly Change[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  let writing: Promise<void> = Promise.resolve();
  let readOnly = false;

  const write = async () => {
    if (dirty.size === 0 || readOnly) return;
    const parts = [...dirty];
    const written = unwritten;
    dirty.clear();
    try {
      await repository.save(store.getState().workspace, parts);
      unwritten = unwritten.slice(written.length);
      lastWords?.keep(unwritten);
      if (store.getState().unsaved) store.setState({ unsaved: null });
    } catch {
      for (const part of parts) dirty.add(part);
      store.setState({
        unsaved:
          'Changes are not being saved: the browser’s storage is full or switched off. Keep this tab open and make room; saving is tried again with the next change.',
      });
    }
  };

  const flush = (): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    writing = writing.then(write);
    return writing;
  };

  const markChanged = (parts: Iterable<string>) => {
    for (const part of parts) dirty.add(part);
    timer ??= setTimeout(() => void flush(), SAVE_AFTER);
  };

  /** Makes a workspace the present one, and returns what has changed by it. */
  const commit = (after: Workspace): readonly Change[] => {
    const before = store.getState().workspace;
    const changes = changedAt(changesBetween(before, after), now());
    const workspace = applyChanges(after, changes);
    markChanged(changedPartitions(before, workspace));
    unwritten = [...unwritten, ...changes];
    store.setState({ workspace });
    if (changes.length > 0) tabs?.tell(changes);
    return changes;
  };

  const say = (text: string, tone: Notice['tone'] = 'plain', undoable = false) =>
    store.setState({ notice: { text, tone, undoable } });

  tabs?.listen((changes) => store.setState(({ workspace }) => ({ workspace: heard(workspace, changes) })));

  /** Goes a step back or forth in time, and says when nothing is left of it to go back to. */
  const retrace = (changes: readonly Change[], words: string) => {
    const changed = commit(retraced(store.getState().workspace, changes)).length > 0;
    say(changed ? words : `${words}. It had been changed elsewhere since then, and stays so.`);
  };

  return {
    ...store,
    flush,
    /** Puts what is not on disk yet where the next page finds it, and begins to write it: the page may be gone at once. */
    leave(): void {
      if (!readOnly) lastWords?.keep(unwritten);
      void flush();
    },
    say,
    /** Adds an offer to the notice that is shown. */
    offer: (offer: NonNullable<Notice['offer']>) =>
      store.setState(({ notice }) => ({ notice: notice && { ...notice, offer } })),
    hush: () => store.setState({ notice: null }),

    /** Opens what is stored; a fresh space begins with what `seed` gives. */
    async open(seed?: () => Promise<Workspace>): Promise<void> {
      try {
        const loaded = await repository.load(now());
        const stored = loaded.fresh && seed ? await seed() : loaded.workspace;
        if (loaded.fresh && seed) markChanged(changedPartitions(null, stored));
        const workspace = retraced(stored, lastWords?.take() ?? []);
        markChanged(changedPartitions(stored, workspace));
        store.setState({ workspace, opening: false, setAside: loaded.setAside });
        if (loaded.damaged.length > 0) {
          say(
            `Part of the stored data was damaged (${loaded.damaged.join(', ')}). It was set aside and everything else opened; Settings, “Your data” has it as a file.`,
            'problem',
          );
        }
      } catch (error) {
        readOnly = true;
        const unsaved =
          error instanceof FromTheFuture
            ? `${error.message} Nothing was opened and nothing will be overwritten.`
            : 'The browser’s storage is switched off or cannot be read. You can look around, but nothing will be saved.';
        store.setState({ opening: false, unsaved });
      }
    },

    /**
     * Runs a command; `words` are shown with an offer to undo. Returns whether it went through: a command that
     * fails changes nothing and says why.
     */
    run<Input>(command: Command<Input>, input: Input, words?: string): boolean {
      const { workspace, past } = store.getState();
      try {
        const changes = commit(command.apply(workspace, input));
        if (changes.length > 0) {
          const step = { label: command.label, changes };
          store.setState({ past: [...past, step].slice(-MOST_STEPS), future: [] });
        }
        if (words) say(words, 'plain', changes.length > 0);
        return true;
      } catch (error) {
        if (!(error instanceof CommandFailed)) throw error;
        say(error.message, 'problem');
        return false;
      }
    },

    /** Undoes the last step, if there is one. */
    undo(): void {
      const { past, future } = store.getState();
      const step = past.at(-1);
      if (!step) return;
      store.setState({ past: past.slice(0, -1), future: [...future, step] });
      retrace(reversed(step.changes), `Undone: ${step.label}`);
    },

    /** Does the step again that was undone last, if there is one. */
    redo(): void {
      const { past, future } = store.getState();
      const step = future.at(-1);
      if (!step) return;
      store.setState({ past: [...past, step], future: future.slice(0, -1) });
      retrace(step.changes, `Done again: ${step.label}`);
    },

    /** What was found damaged, as the text of a file. */
    damagedFile: async (): Promise<string> =>
      JSON.stringify({ format: 'sprindle-damaged-parts', parts: await repository.damaged() }, null, 1),

    async forgetDamaged(): Promise<void> {
      await repository.forgetDamaged();
      store.setState({ setAside: [] });
    },

    /** Replaces everything at once, with no way back: for the demo space only. */
    reset(workspace: Workspace): void {
      markChanged(changedPartitions(store.getState().workspace, workspace));
      unwritten = [];
      store.setState({ workspace, past: [], future: [] });
    },
  };
}
