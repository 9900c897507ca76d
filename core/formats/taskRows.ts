import type { Due, Priority, Task } from '../model/task';

/** A task as a table or a list in text has it: lists and categories by their names. */
export type TaskRow = {
  readonly title: string;
  readonly notes: string;
  /** '' where none is told. */
  readonly list: string;
  readonly category: string;
  readonly estimate: number | null;
  readonly priority: Priority;
  readonly due: Due | null;
  readonly notBefore: Due | null;
  readonly energy: NonNullable<Task['energy']> | null;
  readonly steps: readonly { readonly title: string; readonly done: boolean }[];
  readonly done: boolean;
};

export const plainRow: TaskRow = {
  title: '',
  notes: '',
  list: '',
  category: '',
  estimate: null,
  priority: 'normal',
  due: null,
  notBefore: null,
  energy: null,
  steps: [],
  done: false,
};
