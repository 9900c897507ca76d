import { editTask } from '@/core/commands/tasks';
import { bounds } from '@/core/model/bounds';
import type { Sitting, Task } from '@/core/model/task';
import { durationWords } from '@/core/time/words';
import { store } from '@/state/workspaceStore';
import { Field, type Reading } from '@/ui/Field';
import { quoted, readLength } from '@/ui/readings';

/** How long one works on it in one go: `30 min – 2 h`; a single length is the most. */
function readSitting(typed: string): Reading<Sitting | undefined> {
  const parts = typed.split(/\s*[–-]\s*|\s+to\s+/).filter((part) => part.trim() !== '');
  if (parts.length === 0) return { value: undefined };
  if (parts.length > 2) return { problem: `${quoted(typed)} has more than two lengths. Try 30 min – 2 h.` };
  const [first, second] = parts.map((part) => readLength(part, bounds.sittingMinutes));
  if (!first || 'problem' in first) return first ?? { value: undefined };
  if (!second) return { value: { least: Math.min(LEAST, first.value), most: first.value } };
  if ('problem' in second) return second;
  return first.value <= second.value
    ? { value: { least: first.value, most: second.value } }
    : { problem: 'The least comes first: 30 min – 2 h.' };
}

/** Shorter sittings are not worth beginning, unless one says so; in minutes. */
const LEAST = 30;

/** How long one works on a task in one go, where it is not as with others. */
export function Sittings({ task: { id, sitting } }: { task: Task }) {
  return (
    <Field
      label="In one go, at least and at most"
      text={sitting ? `${durationWords(sitting.least)} – ${durationWords(sitting.most)}` : ''}
      read={readSitting}
      placeholder="30 min – 2 h"
      onSave={(to) => store.run(editTask, { id, sitting: to })}
    />
  );
}
