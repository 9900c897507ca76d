import { useState } from 'react';
import { View } from 'react-native';
import { Findings } from '@/board/Findings';
import { layAll, placeAll } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import type { Due } from '@/core/model/task';
import { judgeAll, type Placing } from '@/core/plan/judge';
import { inPockets, inRow, toFit, type Fitted } from '@/core/plan/placing';
import { taskOf } from '@/core/tasks/places';
import { MINUTE } from '@/core/time/span';
import { dateWords, durationWords, spanWords, whenWords } from '@/core/time/words';
import { instantOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { newId, store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { closePanel } from '@/ui/panels';
import { readDay } from '@/ui/dayReadings';
import { Words } from '@/ui/Words';
import { TypedLine } from '../parts/TypedLine';
import { WithMonth } from '../parts/WithMonth';
import { Trays } from './Trays';

const many = (count: number) => (count === 1 ? '1 task' : `${count} tasks`);

const onHours = ({ taskId, start, minutes }: Fitted): Placing => ({
  what: { kind: 'task', taskId },
  to: { kind: 'hours', start, minutes },
});

/** Places several tasks at once: each in its next pocket, one after the other from an hour, or into a tray. */
export function PlaceSeveral({ taskIds, then }: { taskIds: readonly Id[]; then: () => void }) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const [day, setDay] = useState(today);
  const tasks = toFit(workspace, taskIds);
  const fitted = inPockets(workspace, tasks, zone, now);
  const done = () => {
    closePanel();
    then();
  };
  const place = (places: readonly Fitted[]) => {
    done();
    const words = `Placed ${many(places.length)}`;
    store.run(placeAll, { places: places.map((placing) => ({ id: newId(), ...placing })) }, words);
  };
  const lay = (date: string) => {
    done();
    const items = tasks.map(({ taskId }) => ({ id: newId(), taskId, date }));
    store.run(
      layAll,
      { items },
      `${many(items.length)} in the tray of ${dateWords(date, workspace.settings)}`,
    );
  };
  const rowFrom = ({ date, time }: Due) =>
    time ? inRow(workspace, tasks, instantOf(`${date}T${time}`, zone), zone) : null;
  const inTray = (date: string) =>
    tasks.map(({ taskId }): Placing => ({ what: { kind: 'task', taskId }, to: { kind: 'tray', date } }));
  const left = tasks.length - fitted.length;
  return (
    <View className="gap-4">
      <Words tone="soft">Each in the next free time that is long enough:</Words>
      <View className="gap-2">
        {fitted.map(({ taskId, start, minutes }) => (
          <Words key={taskId}>
            {taskOf(workspace, taskId)?.title} · {whenWords(start, today, zone, workspace.settings)},{' '}
            {durationWords(minutes)}
          </Words>
        ))}
        <Findings findings={judgeAll(workspace, fitted.map(onHours), { zone })} />
        {left > 0 && <Words tone="brick">{many(left)} fit into no free time of the next two weeks.</Words>}
      </View>
      <View className="flex-row">
        <Button
          label={`Place ${many(fitted.length)} so`}
          kind="primary"
          disabled={fitted.length === 0}
          onPress={() => place(fitted)}
        />
      </View>
      <Trays onChoose={lay} findings={(date) => judgeAll(workspace, inTray(date), { zone })} />
      <WithMonth
        of="Another day"
        chosen={day}
        from={today}
        onChoose={setDay}
        hours={{ chosen: null, onChoose: (from) => place(inRow(workspace, tasks, from, zone)) }}
        more={
          <Button label={`Into the tray of ${dateWords(day, workspace.settings)}`} onPress={() => lay(day)} />
        }
      >
        <TypedLine
          label="One after the other from"
          examples="thu 14:00, or a day alone for its tray"
          read={readDay}
          meaning={(due) => {
            const row = rowFrom(due);
            const [first, last] = [row?.[0], row?.at(-1)];
            const span = first && last && { from: first.start, to: last.start + last.minutes * MINUTE };
            return {
              words: span
                ? spanWords(span, zone, workspace.settings)
                : `In the tray of ${dateWords(due.date, workspace.settings)}`,
              findings: judgeAll(workspace, row?.map(onHours) ?? inTray(due.date), { zone }),
            };
          }}
          onTake={(due) => {
            const row = rowFrom(due);
            if (row) place(row);
            else lay(due.date);
          }}
        />
      </WithMonth>
    </View>
  );
}
