import { View } from 'react-native';
import { placeTask, putInTray } from '@/core/commands/plan';
import type { Id } from '@/core/model/common';
import type { Block, TrayItem } from '@/core/model/plan';
import { blocksIn } from '@/core/plan/dayPlan';
import { fillOf, heldTasks } from '@/core/plan/group';
import { holdTask } from '@/core/commands/groups';
import type { Due } from '@/core/model/task';
import { DEFAULT_LENGTH, proposals } from '@/core/plan/placing';
import { latenessWords } from '@/core/tasks/deadline';
import { addDays, dateOf, dayOf, instantOf } from '@/core/time/zone';
import { clockWords, dateWords, dayWords, durationWords } from '@/core/time/words';
import { session } from '@/state/session';
import { newId, store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Field } from '../Field';
import { readDay } from '../readings';
import { closeSheet } from '../sheets';
import { useToday } from '../useNow';
import { relocate } from './repeatActions';
import { Words } from '../Words';
import { Trays } from './Trays';

/** Places a task without dragging: the next pockets that it fits, a tray, or a typed day and hour. */
export function PlaceTask({
  taskId,
  blockId,
  trayId,
}: {
  taskId: Id;
  blockId?: Id | undefined;
  trayId?: Id | undefined;
}) {
  const workspace = useWorkspace();
  const today = useToday();
  const task = workspace.tasks.get(taskId);
  if (!task) return null;
  const minutes = (blockId && workspace.blocks.get(blockId)?.minutes) || task.estimate || DEFAULT_LENGTH;
  const inPlan = blockId ? workspace.blocks.get(blockId) : trayId ? workspace.tray.get(trayId) : undefined;
  const { clock } = workspace.settings;
  const said = (start: number) =>
    `${dayWords(dateOf(start, session.zone), today)} ${clockWords(start, session.zone, clock)}`;

  const place = (start: number) => {
    closeSheet();
    const words = `${task.title}: ${said(start)}, ${durationWords(minutes)}`;
    if (inPlan) relocate(inPlan, { start, minutes }, words);
    else store.run(placeTask, { id: newId(), taskId, start, minutes }, words);
  };
  const lay = (date: string) => {
    closeSheet();
    const words = `${task.title} is in the tray of ${dateWords(date)}`;
    if (inPlan) relocate(inPlan, { date }, words);
    else store.run(putInTray, { id: newId(), taskId, date }, words);
  };
  const typed = ({ date, time }: Due) =>
    time ? place(instantOf(`${date}T${time}`, session.zone)) : lay(date);

  const places = proposals(workspace, minutes, session.zone, session.now());
  return (
    <View className="gap-4">
      <Words tone="soft">
        {durationWords(minutes)}
        {task.estimate === null && !blockId ? ', as nobody has estimated it' : ''}. The next pockets that fit:
      </Words>
      <View className="gap-2">
        {places.map(({ from, to }) => {
          const late = latenessWords(task, workspace.events, to, session.zone);
          return (
            <View key={from} className="gap-0.5">
              <Button
                label={`${said(from).replace(/^./, (first) => first.toUpperCase())} – ${clockWords(to, session.zone, clock)}`}
                onPress={() => place(from)}
              />
              {late && (
                <Words size="xs" tone="brick">
                  {late}
                </Words>
              )}
            </View>
          );
        })}
        {places.length === 0 && <Words tone="soft">No pocket of the next two weeks is long enough.</Words>}
      </View>
      <Groups taskId={taskId} from={inPlan} />
      <Trays onChoose={lay} />
      <Field
        label="Another day or hour"
        text=""
        read={readDay}
        onSave={typed}
        adding
        placeholder="thu 14:00"
      />
    </View>
  );
}

/** So many days ahead groups are offered. */
const GROUP_DAYS = 7;

/** The group blocks of the coming days that a task can go into. */
function Groups({ taskId, from }: { taskId: Id; from: Block | TrayItem | undefined }) {
  const workspace = useWorkspace();
  const task = workspace.tasks.get(taskId);
  const today = useToday();
  const { clock } = workspace.settings;
  const now = session.now();
  const range = { from: now, to: dayOf(addDays(today, GROUP_DAYS), session.zone).to };
  const groups = blocksIn(workspace.blocks, range).filter(
    (block) => block.holds && block.taskId !== taskId && !block.holds.includes(taskId),
  );
  if (!task || groups.length === 0) return null;
  const place = from && ('start' in from ? { blockId: from.id } : { trayId: from.id });
  return (
    <View className="gap-2">
      <Words face="strong">Into a group</Words>
      {groups.map((block) => {
        const { said, over } = fillOf(block, [...heldTasks(block, workspace.tasks), task]);
        const title = workspace.tasks.get(block.taskId)?.title ?? 'Group';
        const when = `${dayWords(dateOf(block.start, session.zone), today)} ${clockWords(block.start, session.zone, clock)}`;
        return (
          <View key={block.id} className="gap-0.5">
            <Button
              label={`${title}, ${when}: ${said}`}
              onPress={() => {
                closeSheet();
                store.run(
                  holdTask,
                  { id: block.id, taskId, ...place },
                  `${task.title}: into ${title}, ${said}`,
                );
              }}
            />
            {over && (
              <Words size="xs" tone="brick">
                {over}
              </Words>
            )}
          </View>
        );
      })}
    </View>
  );
}
