import { useState } from 'react';
import { View } from 'react-native';
import { relocate } from '@/actions/places';
import { Findings } from '@/board/Findings';
import { holdTask } from '@/core/commands/groups';
import { placeTask, putInTray } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Due, Task } from '@/core/model/task';
import { fillWords, heldTasks, takesIn } from '@/core/plan/group';
import { judge, placedFrom } from '@/core/plan/judge';
import { zoneAround } from '@/core/frame/belonging';
import { placesFor } from '@/core/plan/placing';
import { lastInstant } from '@/core/tasks/deadline';
import { countedWords, minutesTaken } from '@/core/tasks/takes';
import { blockOf, blocksIn, spanOfBlock, taskOf, trayItemOf } from '@/core/tasks/places';
import { asLine, clockWords, dateWords, durationWords, spanWords, whenWords } from '@/core/time/words';
import { addDays, dayOf, instantOf } from '@/core/time/zone';
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

type Props = { taskId: Id; blockId?: Id | undefined; trayId?: Id | undefined };

/** Places a task without dragging: the next pockets that it fits, a group, a tray, or a typed day and hour. */
export function PlaceTask({ taskId, blockId, trayId }: Props) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const [day, setDay] = useState(today);
  const task = taskOf(workspace, taskId);
  if (!task) return null;
  const block = blockId ? blockOf(workspace, blockId) : undefined;
  const from = block ?? (trayId ? trayItemOf(workspace, trayId) : undefined);
  const minutes = block?.minutes ?? minutesTaken(workspace, task);
  const { settings } = workspace;
  const counted = settings.pace ? `, ${countedWords(workspace)}` : '';
  const when = (start: number) => whenWords(start, today, zone, settings);
  const what = placedFrom(from, taskId);
  const onHours = (start: number) =>
    judge(workspace, { what, to: { kind: 'hours', start, minutes } }, { zone });
  const inTray = (date: string) => judge(workspace, { what, to: { kind: 'tray', date } }, { zone });

  const place = (start: number) => {
    closePanel();
    const words = `${task.title}: ${when(start)}, ${durationWords(minutes)}`;
    if (from) void relocate(from, { start, minutes }, words);
    else store.run(placeTask, { id: newId(), taskId, start, minutes }, words);
  };
  const lay = (date: string) => {
    closePanel();
    const words = `${task.title} is in the tray of ${dateWords(date, settings)}`;
    if (from) void relocate(from, { date }, words);
    else store.run(putInTray, { id: newId(), taskId, date }, words);
  };
  const startOf = ({ date, time }: Due) => (time ? instantOf(`${date}T${time}`, zone) : null);

  const last = lastInstant(task, workspace.events, zone);
  const places = placesFor(workspace, task, minutes, zone, now, last);
  return (
    <View className="gap-4">
      <Words tone="soft">
        {durationWords(minutes)}
        {block ? '' : task.estimate === null ? ', as nobody has estimated it' : counted}. The next free times
        that fit:
      </Words>
      <View className="gap-2">
        {places.map((pocket) => (
          <View key={pocket.from} className="gap-0.5">
            <Button
              label={[
                `${asLine(when(pocket.from))} – ${clockWords(pocket.to, zone, settings.clock)}`,
                zoneAround(workspace, pocket, zone)?.zone.name,
              ]
                .filter(Boolean)
                .join(' · ')}
              onPress={() => place(pocket.from)}
            />
            <Findings findings={onHours(pocket.from)} />
          </View>
        ))}
        {places.length === 0 && <Words tone="soft">No free time of the next two weeks is long enough.</Words>}
      </View>
      <Groups task={task} from={from} />
      <Trays onChoose={lay} findings={inTray} />
      <WithMonth
        of="Another day"
        chosen={day}
        from={today}
        onChoose={setDay}
        hours={{ chosen: block?.start ?? null, except: blockId, onChoose: place }}
        more={<Button label={`Into the tray of ${dateWords(day, settings)}`} onPress={() => lay(day)} />}
      >
        <TypedLine
          label="Another day or hour"
          examples="thu 14:00, or a day alone for its tray"
          read={readDay}
          meaning={(due) => {
            const start = startOf(due);
            if (start !== null)
              return {
                words: spanWords(spanOfBlock({ start, minutes }), zone, settings),
                findings: onHours(start),
              };
            return {
              words: `In the tray of ${dateWords(due.date, settings)}`,
              findings: inTray(due.date),
            };
          }}
          onTake={(due) => {
            const start = startOf(due);
            if (start === null) lay(due.date);
            else place(start);
          }}
        />
      </WithMonth>
    </View>
  );
}

/** How many days ahead groups are offered. */
const GROUP_DAYS = 7;

/** The group blocks of the coming days that a task can go into. */
function Groups({ task, from }: { task: Task; from: Block | TrayItem | undefined }) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const range = { from: now, to: dayOf(addDays(today, GROUP_DAYS), zone).to };
  const groups = blocksIn(workspace, range, zone).filter((block) => takesIn(block, task.id));
  if (groups.length === 0) return null;
  const left = from && ('start' in from ? { blockId: from.id } : { trayId: from.id });
  return (
    <View className="gap-2">
      <Words face="strong">Into a group</Words>
      {groups.map((block) => {
        const fill = fillWords(block, [...heldTasks(block, workspace), task]);
        const title = taskOf(workspace, block.taskId)?.title ?? 'Group';
        const when = whenWords(block.start, today, zone, workspace.settings);
        const placing = {
          what: placedFrom(from, task.id),
          to: { kind: 'group', blockId: block.id },
        } as const;
        return (
          <View key={block.id} className="gap-0.5">
            <Button
              label={`${title}, ${when}: ${fill}`}
              onPress={() => {
                closePanel();
                const input = { id: block.id, taskId: task.id, ...left };
                store.run(holdTask, input, `${task.title}: into ${title}, ${fill}`);
              }}
            />
            <Findings findings={judge(workspace, placing, { zone })} />
          </View>
        );
      })}
    </View>
  );
}
