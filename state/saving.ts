import type { Workspace } from '@/core/model/workspace';
import type { Told } from './agreement';
import type { LastWords } from './lastWords';
import type { Repository } from './repository';

/** Milliseconds from a change to its writing, so that it is on disk well within half a second. */
const SAVE_AFTER = 200;

type Surroundings = {
  readonly repository: Repository;
  readonly lastWords: LastWords | undefined;
  readonly workspace: () => Workspace;
  /** Called after each write, with what kept it from going through, if anything did. */
  readonly onWritten: (error?: unknown) => void;
};

/** Writes what has changed, a moment after it did: one transaction after the other, what failed with the next. */
export function saving({ repository, lastWords, workspace, onWritten }: Surroundings) {
  const dirty = new Set<string>();
  /** The changes that are not on disk yet. */
  let unwritten: readonly Told[] = [];
  /** Partitions that this tab has written. */
  const own = new Set<string>();
  const keepLastWords = () => lastWords?.keep(unwritten.flatMap(({ changes }) => changes));
  let timer: ReturnType<typeof setTimeout> | undefined;
  let writing: Promise<void> = Promise.resolve();
  let stopped = false;

  const write = async () => {
    if (dirty.size === 0 || stopped) return;
    const partitions = [...dirty];
    const written = unwritten;
    dirty.clear();
    for (const partition of partitions) own.add(partition);
    try {
      await repository.save(workspace(), partitions);
      unwritten = unwritten.slice(written.length);
      keepLastWords();
      onWritten();
    } catch (error) {
      for (const partition of partitions) dirty.add(partition);
      onWritten(error ?? new Error('it says no more'));
    }
  };

  const flush = (): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    writing = writing.then(write);
    return writing;
  };

  const mark = (partitions: readonly string[], told?: Told): void => {
    for (const partition of partitions) dirty.add(partition);
    if (told) unwritten = [...unwritten, told];
    if (partitions.length > 0 || told) timer ??= setTimeout(() => void flush(), SAVE_AFTER);
  };

  return {
    /** Writes all that waits, at once. */
    flush,
    /** The changes that are not on disk yet. */
    unwritten: () => unwritten,
    /** Has partitions written soon, and remembers by which changes they came to differ. */
    mark,
    /**
     * Writes partitions that changed elsewhere again if this tab has written them too: whoever wrote one last may not
     * have known of the change.
     */
    markHeard: (partitions: readonly string[]): void => mark(partitions.filter((name) => own.has(name))),
    /** Puts what is not on disk yet where the next page finds it, and begins to write it: the page may be gone at once. */
    leave(): void {
      if (!stopped) keepLastWords();
      void flush();
    },
    /** Forgets the changes that are not written yet; the partitions are written all the same. */
    forgetChanges: () => void (unwritten = []),
    /** Writes nothing from now on. */
    stop: () => void (stopped = true),
    isStopped: () => stopped,
  };
}
