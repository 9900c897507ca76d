import { categoriesOf } from '@/core/model/categories';
import type { Workspace } from '@/core/model/workspace';
import { openLists } from '@/core/tasks/lists';
import type { FileTarget, Target } from './dragStore';

/** Whether something is aimed at one of these. */
export const aimsAtFile = (target: Target | null, { into, id }: FileTarget): boolean =>
  target?.kind === 'file' && target.into === into && target.id === id;

/** What tasks without a place can be filed into: the lists in use, then the categories. */
export const filesOf = (workspace: Workspace): FileTarget[] => [
  ...openLists(workspace).map(({ id }) => ({ kind: 'file', into: 'lists', id }) as const),
  ...categoriesOf(workspace).map(({ id }) => ({ kind: 'file', into: 'categories', id }) as const),
];
