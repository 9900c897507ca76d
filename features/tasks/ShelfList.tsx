import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { Task } from '@/core/model/task';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Subheading } from '@/ui/Words';
import type { Shelf } from './ListFilter';
import { SortableTasks } from './SortableTasks';
import { TaskLine, type TaskChoice } from './TaskLine';
import { isOnShelf } from './useShelf';

const PAGE = 100;

type Props = {
  tasks: readonly Task[];
  shelf: Shelf;
  /** Whether they stand in the person's own order, which dragging changes. */
  sortable: boolean;
  showDone: boolean;
  choiceOf: (task: Task) => TaskChoice | undefined;
};

/** The tasks of a shelf one beneath the other, and those that are done. */
export function ShelfList({ tasks, shelf, sortable, showDone, choiceOf }: Props) {
  const [shown, setShown] = useState(PAGE);
  const done = useDone(showDone, shelf);
  const page = useMemo(() => tasks.slice(0, shown), [tasks, shown]);
  return (
    <>
      <View>
        {page.length > 0 &&
          (sortable ? (
            <SortableTasks tasks={page} />
          ) : (
            <View role="list" aria-label="Tasks">
              {page.map((task) => (
                <View key={task.id} role="listitem">
                  <TaskLine task={task} choice={choiceOf(task)} />
                </View>
              ))}
            </View>
          ))}
        {tasks.length > shown && (
          <Button
            label={`Show ${Math.min(PAGE, tasks.length - shown)} more`}
            onPress={() => setShown(shown + PAGE)}
          />
        )}
      </View>
      {showDone && (
        <View>
          <Subheading>Done, latest first</Subheading>
          <View role="list" aria-label="Done tasks">
            {done.slice(0, shown).map((task) => (
              <View key={task.id} role="listitem">
                <TaskLine task={task} />
              </View>
            ))}
          </View>
        </View>
      )}
    </>
  );
}

/** The tasks of a shelf that are ticked off, latest first; none while they are not shown. */
function useDone(shows: boolean, shelf: Shelf): readonly Task[] {
  const { tasks } = useWorkspace();
  return useMemo(
    () =>
      shows
        ? tasks
            .values()
            .filter((task) => task.doneAt !== null && isOnShelf(task, shelf))
            .sort((a, b) => (b.doneAt ?? 0) - (a.doneAt ?? 0))
        : [],
    [tasks, shows, shelf],
  );
}
