import { View } from 'react-native';
import { carryOver, chooseKeystone } from '@/actions/day';
import { Findings } from '@/board/Findings';
import { DueNote } from '@/board/taskParts';
import type { Block, TrayItem } from '@/core/model/plan';
import { keystonePlace, minutesLeft, unfinishedOn } from '@/core/plan/carry';
import { dayPlan } from '@/core/plan/dayPlan';
import { taskOf } from '@/core/tasks/places';
import { asLine, clockWords, dayWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** What the day is for: all that is on it, and the one that matters most. */
export function Chosen({ date }: { date: string }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const { clock } = workspace.settings;
  const plan = dayPlan(workspace, date, zone);
  const things = unfinishedOn(workspace, date, zone, now);
  const keystone = workspace.days.get(date)?.keystone;
  const chosen = things.find(({ task }) => task.id === keystone);
  const done = keystone !== undefined && !chosen ? taskOf(workspace, keystone) : undefined;
  const when = (place: Block | TrayItem | undefined) =>
    place && 'start' in place ? clockWords(place.start, zone, clock) : 'no hour';
  const over = -plan.load.free;
  const byHour = [...things].sort((a, b) => hourOf(a.place) - hourOf(b.place));
  return (
    <View className="gap-4">
      {over > 0 && (
        <View className="flex-row flex-wrap items-center gap-x-3">
          <View className="min-w-[12rem] flex-1">
            <Words tone="brick" face="strong">
              {durationWords(over)} more than {dayWords(date, today, workspace.settings)} has room for.
            </Words>
          </View>
          <Button
            label="What to take off…"
            kind="quiet"
            onPress={() => openPanel({ kind: 'dayRoom', date })}
          />
        </View>
      )}
      {things.length === 0 ? (
        <Words tone="soft">
          Nothing is planned yet. Steps before this one, or Plan, put tasks onto the day.
        </Words>
      ) : (
        <Choice
          label="Which one decides whether the day is good? It is the keystone"
          value={chosen ? chosen.task.id : ''}
          onChoose={(id) => chooseKeystone(date, id === '' ? null : id)}
          options={[
            ...byHour.map(({ task, place }) => ({
              value: task.id,
              name: `${task.title} · ${when(place)}`,
            })),
            { value: '', name: 'None of them' },
          ]}
        />
      )}
      {done && <Words tone="soft">{done.title} was the keystone, and is done.</Words>}
      {chosen && <Keystone date={date} taskId={chosen.task.id} place={chosen.place} />}
    </View>
  );
}

const hourOf = (place: Block | TrayItem | undefined): number =>
  place && 'start' in place ? place.start : Infinity;

type KeystoneProps = { date: string; taskId: string; place: Block | TrayItem | undefined };

/** The keystone, and the sharpest hours that are free for it. */
function Keystone({ date, taskId, place }: KeystoneProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const task = taskOf(workspace, taskId);
  if (!task) return null;
  const { clock } = workspace.settings;
  const minutes = minutesLeft(workspace, task, now);
  const stands = place && 'start' in place ? place : undefined;
  const best = keystonePlace(workspace, taskId, minutes, { date, stands }, zone, now);
  return (
    <View className="gap-2 border-l-4 border-amber bg-surface py-3 pl-4 pr-3">
      <Words face="strong" size="base">
        {task.title}
      </Words>
      <DueNote
        task={task}
        before={
          stands
            ? `${clockWords(stands.start, zone, clock)}, ${durationWords(minutes)}`
            : durationWords(minutes)
        }
      />
      {best && (
        <>
          <View className="flex-row">
            <Button
              label={asLine(`${stands ? 'move it to' : 'put it at'} ${clockWords(best.start, zone, clock)}`)}
              onPress={() => void carryOver(task, place, { start: best.start, minutes: best.minutes })}
            />
          </View>
          <Findings findings={best.findings} />
        </>
      )}
    </View>
  );
}
