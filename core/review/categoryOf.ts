import { isAsked, plainAddress } from '../calendar/attendees';
import { detailsOfOccurrence, eventIdOf } from '../calendar/occurrences';
import { categoryOfNames } from '../model/categories';
import type { CategoryRule } from '../model/categoryRule';
import { groupedBy } from '../model/collection';
import type { Id } from '../model/common';
import { plainName } from '../model/names';
import type { Subject } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { subjectTitle, taskOf } from '../tasks/places';

const rulesFor = groupedBy<CategoryRule>(({ by, of }) => `${by} ${plainOf(by, of)}`);

const plainOf = (by: CategoryRule['by'], of: string): string => {
  if (by === 'title') return plainName(of);
  return by === 'person' ? plainAddress(of) : of;
};

/** What rules can go by for something: its series, its title, the people of the meeting; the narrowest first. */
export function ruleGrounds(
  workspace: Workspace,
  subject: Subject,
): Pick<CategoryRule, 'by' | 'of' | 'name'>[] {
  const title = subjectTitle(subject, workspace);
  const byTitle = { by: 'title', of: title, name: title } as const;
  if (subject.kind !== 'event') return [byTitle];
  const people = detailsOfOccurrence(workspace.events, subject.occurrence)?.attendees.filter(isAsked) ?? [];
  return [
    { by: 'series', of: eventIdOf(subject.occurrence), name: title },
    byTitle,
    ...people.map(({ name, address }) => ({ by: 'person', of: address, name: name || address }) as const),
  ];
}

/** The category that a rule gives to something, null where none does. */
function categoryByRule(workspace: Workspace, subject: Subject): Id | null {
  const { categoryRules, categories } = workspace;
  if (categoryRules.size === 0) return null;
  const found = ruleGrounds(workspace, subject).flatMap(({ by, of }) =>
    rulesFor(categoryRules, `${by} ${plainOf(by, of)}`),
  );
  return found.find(({ category }) => categories.has(category))?.category ?? null;
}

/**
 * The category that time on something counts for: that of the task or of the meeting, else what a rule gives it, null for
 * none. `categories` are those that a meeting went by when it was planned.
 */
export function categoryOfSubject(
  workspace: Workspace,
  subject: Subject,
  categories: readonly string[] = [],
): Id | null {
  return ownCategory(workspace, subject, categories) ?? categoryByRule(workspace, subject);
}

function ownCategory(workspace: Workspace, subject: Subject, categories: readonly string[]): Id | null {
  if (subject.kind === 'other') return null;
  if (subject.kind === 'task') return taskOf(workspace, subject.taskId)?.category ?? null;
  const names =
    categories.length > 0
      ? categories
      : (detailsOfOccurrence(workspace.events, subject.occurrence)?.categories ?? []);
  return categoryOfNames(workspace, names)?.id ?? null;
}

/** What of some rows has no category and would count by a rule on these grounds. */
export const heldByRule = <R extends { readonly subject: Subject; readonly categoryId: Id | null }>(
  workspace: Workspace,
  rows: readonly R[],
  { by, of }: Pick<CategoryRule, 'by' | 'of'>,
): R[] => {
  const wanted = `${by} ${plainOf(by, of)}`;
  return rows.filter(
    ({ subject, categoryId }) =>
      categoryId === null &&
      ruleGrounds(workspace, subject).some(
        (ground) => `${ground.by} ${plainOf(ground.by, ground.of)}` === wanted,
      ),
  );
};
