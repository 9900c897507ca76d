import { addCategoryRule } from '@/core/commands/categoryRules';
import { editEvent } from '@/core/commands/events';
import { editTask } from '@/core/commands/tasks';
import { eventIdOf, recurrenceOf } from '@/core/calendar/occurrences';
import type { CategoryRule } from '@/core/model/categoryRule';
import type { Category } from '@/core/model/category';
import type { Subject } from '@/core/model/plan';
import { newId, store } from '@/state/workspaceStore';

/** Gives one task, or one time of a meeting, a category of its own. */
export function giveCategory(subject: Subject, { id: category, name }: Category): void {
  if (subject.kind === 'task') store.run(editTask, { id: subject.taskId, category }, `It counts for ${name}`);
  if (subject.kind !== 'event') return;
  const [id, recurrence] = [eventIdOf(subject.occurrence), recurrenceOf(subject.occurrence)];
  store.run(
    editEvent,
    { id, recurrence, scope: 'one', newId: newId(), changes: { categories: [name] } },
    `It counts for ${name}`,
  );
}

/** Lets all that is alike count for a category from now on, and what has been. */
export const giveCategoryByRule = (
  ground: Pick<CategoryRule, 'by' | 'of' | 'name'>,
  { id, name }: Category,
): void =>
  void store.run(
    addCategoryRule,
    { id: newId(), ...ground, category: id },
    `${ruleWords(ground)} counts for ${name}`,
  );

/** What a rule holds for, in words: `Every time of “Crew call”`. */
export const ruleWords = ({ by, name }: Pick<CategoryRule, 'by' | 'name'>): string => {
  const whom = { series: 'Every time of', title: 'All that is called', person: 'Every meeting with' }[by];
  return by === 'person' ? `${whom} ${name}` : `${whom} “${name}”`;
};
