import { View } from 'react-native';
import { layAll, placeAll } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import type { Due } from '@/core/model/task';
import { DEFAULT_LENGTH, inPockets, inRow, type Fitted } from '@/core/plan/placing';
import { latenessWords } from '@/core/tasks/deadline';
import { MINUTE } from '@/core/time/span';
import { dateOf, instantOf } from '@/core/time/zone';
import { clockWords, dateWords, dayWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field } from '../Field';
import { readDay } from '../readings';
import { closeSheet } from '../sheets';
import { useToday } from '../useNow';
import { Words } from '../Words';
import { Trays } from './Trays';

const many = (count: number) => (count === 1 ? '1 task' : `${count} tasks`);

/** Places several tasks at once: each in its next pocket, one after the other from an hour, or into a tray. */
export function PlaceSeveral({ taskIds, then }: { taskIds: readonly Id[]; then: () => void }) {
  const workspace = useWorkspace();
  const today = useToday();
  const { clock } = workspace.settings;
  const toFit = taskIds.flatMap((taskId) => {
    const task = workspace.tasks.get(taskId);
    return task ? [{ taskId, minutes: task.estimate ?? DEFAULT_LENGTH }] : [];
  });
  const fitted = inPockets(workspace, toFit, session.zone, session.now());
  const done = () => {
    closeSheet();
    then();
  };
  const place = (places: readonly Fitted[]) => {
    done();
    const words = `Placed ${many(places.length)}`;
    store.run(placeAll, { places: places.map((one) => ({ id: newId(), ...one })) }, words);
  };
  const lay = (date: string) => {
    done();
    const items = toFit.map(({ taskId }) => ({ id: newId(), taskId, date }));
    store.run(layAll, { items }, `${many(items.length)} in the tray of ${dateWords(date)}`);
  };
  const typed = ({ date, time }: Due) =>
    time
      ? place(inRow(workspace, toFit, instantOf(`${date}T${time}`, session.zone), session.zone))
      : lay(date);
  const left = toFit.length - fitted.length;
  return (
    <View className="gap-4">
      <Words tone="soft">Each in the next pocket that is long enough:</Words>
      <View className="gap-2">
        {fitted.map(({ taskId, start, minutes }) => {
          const task = workspace.tasks.get(taskId);
          const late = task && latenessWords(task, workspace.events, start + minutes * MINUTE, session.zone);
          const day = dayWords(dateOf(start, session.zone), today);
          return (
            <View key={taskId}>
              <Words>
                {task?.title} · {day} {clockWords(start, session.zone, clock)}, {durationWords(minutes)}
              </Words>
              {late && (
                <Words size="xs" tone="brick">
                  {late}
                </Words>
              )}
            </View>
          );
        })}
        {left > 0 && <Words tone="brick">{many(left)} fit into no pocket of the next two weeks.</Words>}
      </View>
      <View className="flex-row">
        <Button
          label={`Place ${many(fitted.length)} so`}
          kind="primary"
          disabled={fitted.length === 0}
          onPress={() => place(fitted)}
        />
      </View>
      <Trays onChoose={lay} />
      <Field
        label="One after the other from"
        text=""
        read={readDay}
        onSave={typed}
        adding
        placeholder="thu 14:00"
      />
    </View>
  );
}
