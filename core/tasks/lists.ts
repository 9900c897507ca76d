import { derived } from '../model/collection';
import { firstList, type Workspace } from '../model/workspace';
import type { TaskList } from '../model/task';
import { inRank } from './order';
import { plainName } from '../model/names';

type Lists = Pick<Workspace, 'lists'>;

const byName = derived<TaskList, Map<string, TaskList>>(
  // of two with one name the first in order
  (lists) =>
    new Map(
      inRank(lists)
        .map((list) => [plainName(list.name), list] as const)
        .reverse(),
    ),
);

/** The list that goes by a name, however it is spelt in capitals. */
export const listNamed = ({ lists }: Lists, name: string): TaskList | undefined =>
  byName(lists).get(plainName(name));

/** The lists that are in use, in their order. */
export const openLists = ({ lists }: Lists): TaskList[] =>
  inRank(lists).filter(({ archivedAt }) => archivedAt === undefined);

/** The list that a task goes to which tells none: the first in use. */
export const usualList = (workspace: Lists): TaskList => openLists(workspace)[0] ?? firstList;
