import type { Id } from '../model/common';
import type { Subject } from '../model/plan';
import { touched } from '../tasks/repeating';
import type { Span } from '../time/span';
import { runningEntry } from '../track/entries';
import { painted, type Filling } from '../track/mend';
import { command, CommandFailed, put, without } from './command';

/**
 * Says what a stretch of time went to, whatever was recorded there; null takes the record away. It is marked as mended. `newId`
 * names what is added. Fails where the timer runs.
 */
export const mend = command(
  'mend the record',
  (workspace, { span, subject, newId }: { span: Span; subject: Subject | null; newId: () => Id }) => {
    if (span.to <= span.from) throw new CommandFailed('The end must be after the start.');
    const running = runningEntry(workspace.entries);
    if (running && running.from < span.to)
      throw new CommandFailed('The timer still runs there. Stop it first.');
    const ready = subject?.kind === 'task' ? touched(workspace, subject.taskId) : workspace;
    const { put: kept, gone } = painted(ready.entries, span, subject, newId);
    return put(without(ready, 'entries', gone), 'entries', ...kept);
  },
);

/** Says what several stretches of time went to, one after the other. */
export const mendAll = command(
  'mend the record',
  (workspace, { fillings, newId }: { fillings: readonly Filling[]; newId: () => Id }) =>
    fillings.reduce((before, filling) => mend.apply(before, { ...filling, newId }), workspace),
);
