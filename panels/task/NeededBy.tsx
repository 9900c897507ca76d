import { useState } from 'react';
import { View } from 'react-native';
import { comingMeetings } from '@/core/calendar/layers';
import type { Occurrence } from '@/core/calendar/occurrences';
import { editTask, releaseFromMeeting } from '@/core/commands/tasks';
import type { Task } from '@/core/model/task';
import { meetingNeeding } from '@/core/tasks/deadline';
import { meetingWords } from '@/core/tasks/dueWords';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** How many days ahead meetings are offered, and how many of them at most. */
const DAYS = 14;
const MOST = 20;

/** The meeting that a task must be done before; its deadline moves with it. */
export function NeededBy({ task }: { task: Task }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const [choosing, setChoosing] = useState(false);
  const meeting = meetingNeeding(task, workspace.events, zone);
  const needBy = ({ eventId, recurrence }: Occurrence) => {
    setChoosing(false);
    store.run(editTask, { id: task.id, neededBy: { eventId, recurrence } });
  };
  const words = (occurrence: Occurrence) => meetingWords(occurrence, today, zone, workspace.settings);
  const coming = choosing ? comingMeetings(workspace, DAYS, zone, now).slice(0, MOST) : [];
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
          <Button
            label="Not needed by it"
            kind="quiet"
            onPress={() => store.run(releaseFromMeeting, { id: task.id })}
          />
        ) : (
          <Button
            label={choosing ? 'Leave it' : 'Choose a meeting'}
            kind="quiet"
            onPress={() => setChoosing(!choosing)}
          />
        )}
      </View>
      {choosing && coming.length === 0 && <Words tone="soft">No meeting in the next two weeks.</Words>}
      {coming.map((occurrence) => (
        <Button
          key={occurrence.id}
          label={words(occurrence)}
          says={`Needed by ${words(occurrence)}`}
          onPress={() => needBy(occurrence)}
        />
      ))}
    </View>
  );
}
