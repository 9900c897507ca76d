import { firstList, type Workspace } from '../model/workspace';
import type { TaskList } from '../model/task';
import { inRank } from './order';
import { plainName } from '../model/names';

type Lists = Pick<Workspace, 'lists'>;

/** The list that goes by a name, however it is spelt in capitals. */
export const listNamed = ({ lists }: Lists, name: string): TaskList | undefined =>
  inRank(lists).find((list) => plainName(list.name) === plainName(name));

/** The lists that are in use, in their order. */
export const openLists = ({ lists }: Lists): TaskList[] =>
  inRank(lists).filter(({ archivedAt }) => archivedAt === undefined);

/** The list that a task goes to which tells none: the first in use. */
export const usualList = (workspace: Lists): TaskList => openLists(workspace)[0] ?? firstList;
