import type { Repository } from './repository';
import type { Step } from './steps';

type Surroundings = {
  readonly repository: Repository;
  readonly now: () => number;
  /** What was done, the last step last. */
  readonly steps: () => readonly Step[];
  readonly isStopped: () => boolean;
};

/** What of the store is about the disk itself: what lies there, what was found damaged, what an import did. */
export const onDisk = ({ repository, now, steps, isStopped }: Surroundings) => ({
  /** Whether this tab writes nothing, as what is stored cannot be read or is of a later version. */
  isReadOnly: isStopped,

  /** What lies on the disk, as it stands there, for when it could not be opened. */
  onDisk: () => repository.everything(),

  /** What was found damaged, as the text of a file. */
  damagedFile: async (): Promise<string> =>
    JSON.stringify({ format: 'sprindle-damaged-parts', parts: await repository.damaged() }, null, 1),

  /** Keeps what the last step did under a name, so that it can be taken back even when the data cannot be opened. */
  async noteImport(name: string): Promise<void> {
    const changes = (steps().at(-1)?.changes ?? []).flatMap((change) =>
      'id' in change ? [{ part: change.part, id: change.id, before: change.before }] : [],
    );
    if (changes.length === 0 || isStopped()) return;
    // a note that cannot be kept costs no more than the way back through the safe door
    await repository.noteImport({ at: now(), name, changes }).catch(() => undefined);
  },
});
