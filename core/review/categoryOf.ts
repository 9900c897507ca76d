import { detailsOfOccurrence } from '../calendar/occurrences';
import { categoryOfNames } from '../model/categories';
import type { Id } from '../model/common';
import type { Subject } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { taskOf } from '../tasks/places';

/**
 * The category that time on something counts for: that of the task or of the meeting, null for none. `categories` are those
 * that a meeting went by when it was planned.
 */
export function categoryOfSubject(
  workspace: Workspace,
  subject: Subject,
  categories: readonly string[] = [],
): Id | null {
  if (subject.kind === 'other') return null;
  if (subject.kind === 'task') return taskOf(workspace, subject.taskId)?.category ?? null;
  const names =
    categories.length > 0
      ? categories
      : (detailsOfOccurrence(workspace.events, subject.occurrence)?.categories ?? []);
  return categoryOfNames(workspace, names)?.id ?? null;
}
