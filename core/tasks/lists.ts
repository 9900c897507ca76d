import type { TaskList } from '../model/task';
import type { Workspace } from '../model/workspace';
import { inRank } from './order';

const plain = (name: string) => name.trim().toLowerCase();

/** The list that goes by a name, however it is spelt in capitals. */
export const listNamed = ({ lists }: Pick<Workspace, 'lists'>, name: string): TaskList | undefined =>
  inRank(lists).find((list) => plain(list.name) === plain(name));
