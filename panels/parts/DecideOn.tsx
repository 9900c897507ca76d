import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { carryOver } from '@/actions/day';
import { removeAll } from '@/actions/inbox';
import { toggleDone } from '@/actions/tasks';
import { Findings } from '@/board/Findings';
import { decisionKeys } from '@/board/keyGroups';
import { DueNote } from '@/board/taskParts';
import { editTask } from '@/core/commands/tasks';
import type { Block, TrayItem } from '@/core/model/plan';
import type { Task } from '@/core/model/task';
import { bestOn, bestPlaces, minutesLeft, placeThatMoves } from '@/core/plan/carry';
import { workingDays } from '@/core/plan/workingDays';
import { countedWords } from '@/core/tasks/takes';
import { minutesSpent } from '@/core/track/spent';
import { asLine, dayWords, durationWords, whenWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { elementOf } from '@/ui/dom';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { Days } from './Days';
import { OneAtATime } from './OneAtATime';
import { QuickLengths } from './QuickLengths';
import { Toggle } from './Toggle';

/** How many days ahead are in view. */
const DAYS_IN_VIEW = 6;

type Props = {
  task: Task;
  /** Where it stood, if it stood anywhere. */
  place: Block | TrayItem | undefined;
  /** From when on it may go somewhere (epoch ms). */
  from: number;
  /** A place on that very day comes first, however good others are. */
  dayFirst?: boolean;
  /** What is said above its title. */
  about: string;
  /** What leaving it as it is means. */
  leave: string;
  onLeft: () => void;
};

/** One thing that is left, with the best places for it, the coming days, and what else may become of it. */
export function DecideOn({ task, place, from, dayFirst = false, about, leave, onLeft }: Props) {
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const { settings } = workspace;
  const [smaller, setSmaller] = useState(false);
  const card = useRef<View>(null);
  useEffect(() => {
    if (!smaller) elementOf(card.current)?.focus();
  }, [smaller]);
  const minutes = minutesLeft(workspace, task, now);
  const first = dateOf(from, zone);
  const best = useMemo(() => {
    const all = bestPlaces(workspace, task.id, minutes, from, zone);
    const own = dayFirst ? bestOn(workspace, task.id, minutes, first, zone, from) : undefined;
    return own ? [own, ...all.filter(({ start }) => start !== own.start)].slice(0, 3) : all;
  }, [workspace, task.id, minutes, from, first, dayFirst, zone]);
  const days = workingDays(workspace, first, zone, DAYS_IN_VIEW);
  const moves = placeThatMoves(task, place, now);
  const at = moves && ('start' in moves ? { blockId: moves.id } : { trayId: moves.id });
  const spent = minutesSpent(workspace.entries, task.id, now);
  const goTo = (index: number) => {
    const to = best[index];
    if (to) void carryOver(task, place, { start: to.start, minutes: to.minutes });
  };
  const lay = (date: string | null) => {
    if (date !== null) void carryOver(task, place, { date });
  };
  const drop = () => removeAll([task.id]);
  const chooseHour = () => openPanel({ kind: 'place', taskId: task.id, ...at });
  const putOff = () => openPanel({ kind: 'later', ids: [task.id] });
  const tick = () => toggleDone(task);
  const { tray, off, leave: leaveKey, smaller: smallerKey, other, later, done } = decisionKeys;
  const doings: Readonly<Record<string, () => void>> = {
    '1': () => goTo(0),
    '2': () => goTo(1),
    '3': () => goTo(2),
    Enter: () => goTo(0),
    [tray]: () => lay(first),
    [off]: drop,
    [leaveKey]: onLeft,
    [smallerKey]: () => setSmaller(true),
    [other]: chooseHour,
    [later]: putOff,
    [done]: tick,
  };
  const left = [`${durationWords(minutes)}${spent > 0 ? ' left' : ''}`, countedWords(workspace)]
    .filter(Boolean)
    .join(', ');
  return (
    <View className="gap-4">
      <OneAtATime card={card} label={`${task.title}, ${left}`} doing={(key) => doings[key]}>
        <Words size="xs" tone="soft">
          {about}
        </Words>
        <Words size="lg" face="strong">
          {task.title}
        </Words>
        <DueNote task={task} before={spent > 0 ? `${durationWords(spent)} spent, ${left}` : left} />
      </OneAtATime>
      <View role="group" aria-label="The best places" className="flex-row flex-wrap gap-2">
        {best.map(({ start, findings }, i) => (
          <View key={start} className="max-w-[240px] gap-1">
            <View className="flex-row">
              <Button
                label={asLine(whenWords(start, today, zone, settings))}
                kind={i === 0 ? 'primary' : 'plain'}
                onPress={() => goTo(i)}
              />
            </View>
            <Findings findings={findings} />
          </View>
        ))}
        {best.length === 0 && (
          <Words tone="soft">No free stretch of two weeks takes {durationWords(minutes)} in one piece.</Words>
        )}
      </View>
      <Days days={days} chosen={null} onChoose={lay} />
      <View className="flex-row flex-wrap gap-2">
        <Button label={`${asLine(dayWords(first, today, settings))}, no hour`} onPress={() => lay(first)} />
        <Button label="Other hour…" onPress={chooseHour} />
        <Toggle label="Smaller…" on={smaller} onPress={() => setSmaller(!smaller)} />
        <Button label="Later…" says={`Later…: ${task.title}`} onPress={putOff} />
        <Button label="Done" says={`Done: ${task.title}`} onPress={tick} />
        <Button label="Drop" says={`Drop: ${task.title}`} kind="danger" onPress={drop} />
        <Button label={leave} says={`${leave}: ${task.title}`} onPress={onLeft} />
      </View>
      {smaller && (
        <View className="gap-2">
          <Words tone="soft">How long is it to take in all?</Words>
          <QuickLengths
            of={task}
            chosen={task.estimate}
            onChoose={(estimate) => {
              store.run(editTask, { id: task.id, estimate }, `${task.title}: ${durationWords(estimate)}`);
              setSmaller(false);
            }}
          />
          <View className="flex-row">
            <Button
              label="Into parts…"
              kind="quiet"
              onPress={() => openPanel({ kind: 'task', id: task.id, ...at })}
            />
          </View>
        </View>
      )}
    </View>
  );
}
