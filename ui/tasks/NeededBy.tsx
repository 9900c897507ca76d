import { useState } from 'react';
import { View } from 'react-native';
import { editTask } from '@/core/commands/tasks';
import { occurrencesShown } from '@/core/calendar/layers';
import type { Task } from '@/core/model/task';
import { meetingNeeding } from '@/core/tasks/deadline';
import { neededWords } from '@/core/tasks/dueWords';
import { addDays } from '@/core/time/zone';
import { session } from '@/state/session';
import { store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { useToday } from '../useNow';
import { Words } from '../Words';

/** So many days ahead meetings are offered, and no more than these. */
const DAYS = 14;
const MOST = 20;

/** The meeting that a task must be done before; its deadline moves with it. */
export function NeededBy({ task }: { task: Task }) {
  const workspace = useWorkspace();
  const today = useToday();
  const [choosing, setChoosing] = useState(false);
  const { clock } = workspace.settings;
  const meeting = meetingNeeding(task, workspace.events, session.zone);
  const set = (neededBy: Task['neededBy']) => {
    setChoosing(false);
    store.run(editTask, { id: task.id, neededBy });
  };
  const words = (one: NonNullable<typeof meeting>) => neededWords(one, today, session.zone, clock).slice(10);
  const coming = choosing
    ? Array.from({ length: DAYS }, (_, i) => occurrencesShown(workspace, addDays(today, i), session.zone))
        .flat()
        .filter(({ from, allDay }) => !allDay && from > session.now())
        .slice(0, MOST)
    : [];
  return (
    <View className="gap-2">
      <View className="flex-row items-center justify-between gap-2">
        <View className="flex-1">
          <Words size="xs" tone="soft">
            Needed by
          </Words>
          <Words>
            {meeting ? words(meeting) : task.neededBy ? 'a meeting that is no longer there' : 'no meeting'}
          </Words>
        </View>
        {task.neededBy ? (
          <Button label="Not needed by it" kind="quiet" onPress={() => set(undefined)} />
        ) : (
          <Button
            label={choosing ? 'Leave it' : 'Choose a meeting'}
            kind="quiet"
            onPress={() => setChoosing(!choosing)}
          />
        )}
      </View>
      {choosing && coming.length === 0 && <Words tone="soft">No meeting in the next two weeks.</Words>}
      {coming.map((one) => (
        <Button
          key={one.id}
          label={words(one)}
          says={`Needed by ${words(one)}`}
          onPress={() => set({ eventId: one.eventId, recurrence: one.recurrence })}
        />
      ))}
    </View>
  );
}
