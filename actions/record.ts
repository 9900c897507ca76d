import { takeDay } from '@/core/commands/dayText';
import { mend, mendAll } from '@/core/commands/mend';
import type { DayChange } from '@/core/formats/day/change';
import type { Subject } from '@/core/model/plan';
import { subjectTitle } from '@/core/tasks/places';
import { minutesFilled, type Filling } from '@/core/track/mend';
import { lengthOf, type Span } from '@/core/time/span';
import { dateWords, durationWords } from '@/core/time/words';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Says what a stretch of time went to; null takes what is recorded there away. */
export function mendRecord(span: Span, subject: Subject | null): boolean {
  const title = subject ? subjectTitle(subject, currentWorkspace()) : 'Nothing';
  return store.run(mend, { span, subject, newId }, `${title}: ${durationWords(lengthOf(span))}`);
}

/** Gives each stretch without a record to what was planned for it. */
export function fillAsPlanned(fillings: readonly Filling[]): boolean {
  const length = durationWords(minutesFilled(fillings));
  return store.run(mendAll, { fillings, newId }, `${length} recorded as planned`);
}

/** Makes of a day what its text says, as far as it was seen. */
export function takeText(date: string, changes: readonly DayChange[]): boolean {
  const { now, zone } = here();
  const { settings } = currentWorkspace();
  const words = `${dateWords(date, settings)}: ${changes.length === 1 ? '1 change' : `${changes.length} changes`} from the text`;
  return store.run(takeDay, { date, changes, at: now, zone, newId }, words);
}
