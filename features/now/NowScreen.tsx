import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { interruptOrGoBack } from '@/actions/interruptions';
import { stop, toggleDone } from '@/actions/tasks';
import { JoinButton } from '@/board/JoinButton';
import { HowFar } from '@/board/HowFar';
import { TimerButton } from '@/board/taskParts';
import { headsOf } from '@/core/frame/heads';
import type { TimeEntry } from '@/core/model/plan';
import { titleOfThing, type Timed } from '@/core/plan/things';
import { nowView, type NowView } from '@/core/review/nowView';
import { paceWords } from '@/core/review/pace';
import { subjectTitle, taskOf } from '@/core/tasks/places';
import { clockWords, dateWords, durationWords, stopwatchWords } from '@/core/time/words';
import { runningEntry } from '@/core/track/entries';
import { minutesSpent } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { usePageTitle } from '@/ui/announce';
import { Button, IconButton } from '@/ui/Button';
import { useMoment, useSecond } from '@/ui/clock';
import { isCovered } from '@/ui/panels';
import { useWide } from '@/ui/useWide';
import { Words } from '@/ui/Words';
import { Large } from './Large';
import { SmallWindow } from './SmallWindow';

/** How large the present thing is written, in pixels: as the window allows. */
const useLarge = () => {
  const { width, height } = useWindowDimensions();
  return Math.max(28, Math.min(width / (useWide() ? 13 : 9), height / 9, 96));
};

/** What now, in letters that are read from across a room; it fills the window. */
export function NowScreen() {
  const router = useRouter();
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const large = useLarge();
  const wide = useWide();
  const view = nowView(workspace, zone, now);
  const entry = runningEntry(workspace.entries);
  const { settings } = workspace;
  const leave = () => router.navigate('/today');
  usePageTitle('Now');
  useEffect(() => {
    const onKey = ({ key, defaultPrevented }: KeyboardEvent) => {
      if (key === 'Escape' && !defaultPrevented && !isCovered()) router.navigate('/today');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [router]);
  return (
    <View role="main" className={`flex-1 overflow-y-auto bg-ground ${wide ? 'px-12 py-6' : 'px-4 py-3'}`}>
      <View className="flex-row items-start justify-between gap-3">
        <View>
          <Large size={large * 0.6} mono>
            {clockWords(now, zone, settings.clock)}
          </Large>
          <Words tone="soft">{dateWords(today, settings)}</Words>
        </View>
        <View className="flex-row items-center gap-1">
          <SmallWindow />
          <IconButton label="Back to Today" icon="close" onPress={leave} />
        </View>
      </View>
      <View className="flex-1 justify-center gap-3 py-4">
        {entry ? <Running entry={entry} large={large} /> : <OnNow view={view} large={large} />}
        <ZoneWords />
      </View>
      <View className="gap-4">
        <Next view={view} large={large} />
        <HowFar />
      </View>
    </View>
  );
}

function Running({ entry, large }: { entry: TimeEntry; large: number }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { subject } = entry;
  const task = subject.kind === 'task' ? taskOf(workspace, subject.taskId) : undefined;
  const spent = task ? minutesSpent(workspace.entries, task.id, now) : 0;
  const estimate = task?.estimate ?? null;
  return (
    <View className="gap-2">
      <Large size={large} heading>
        {subjectTitle(subject, workspace)}
      </Large>
      <View role="timer" aria-label="Running time">
        <Large size={large * 0.7} mono>
          {stopwatchWords(useSecond() - entry.from)}
        </Large>
      </View>
      {estimate !== null && (
        <Words size="base" tone={spent > estimate ? 'brick' : 'soft'}>
          of {durationWords(estimate)} · {paceWords(workspace, estimate, spent, zone, now)}
        </Words>
      )}
      <View className="flex-row flex-wrap gap-2 pt-1">
        {task && (
          <Button
            label="Done"
            says={`Done: ${task.title}`}
            icon="check"
            kind="primary"
            onPress={() => toggleDone(task)}
          />
        )}
        <Button label="Stop" says={`Stop ${subjectTitle(subject, workspace)}`} icon="stop" onPress={stop} />
        <Button
          label="Something else…"
          says="Something else… came in, or go back"
          icon="aside"
          kind="quiet"
          onPress={interruptOrGoBack}
        />
      </View>
    </View>
  );
}

/** What the plan has for this moment, while no timer runs: its block or meeting, else how long is free. */
function OnNow({ view: { current, minutesToNext, fits }, large }: { view: NowView; large: number }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  const [item] = current;
  if (item)
    return (
      <View className="gap-2">
        <Large size={large} heading>
          {titleOfThing(item)}
        </Large>
        <Words size="base" tone="soft">
          until {clockWords(item.to, zone, clock)}
        </Words>
        <Acts item={item} />
      </View>
    );
  return (
    <View className="gap-2">
      <Large size={large} heading>
        {minutesToNext === undefined
          ? 'Nothing else is planned today'
          : `${durationWords(minutesToNext)} free`}
      </Large>
      {fits.map(({ task, took }) => (
        <View key={task.id} className="flex-row items-center gap-3">
          <TimerButton subject={{ kind: 'task', taskId: task.id }} />
          <Words size="base">
            {task.title} ·{' '}
            {took ? `such took ${durationWords(took.minutes)}` : durationWords(task.estimate ?? 0)}
          </Words>
        </View>
      ))}
    </View>
  );
}

const Acts = ({ item }: { item: Timed }) =>
  item.kind === 'block' ? (
    <View className="flex-row">
      <TimerButton subject={{ kind: 'task', taskId: item.task.id }} />
    </View>
  ) : (
    <View className="flex-row">
      <JoinButton meeting={item.event} />
    </View>
  );

function Next({ view: { next, minutesToNext = 0 }, large }: { view: NowView; large: number }) {
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  if (!next) return null;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-3 border-t border-line pt-3">
      <View className="min-w-[12rem] flex-1">
        <Words size="base" tone="soft">
          Next, in {durationWords(minutesToNext)}, at {clockWords(next.from, zone, clock)}
        </Words>
        <Large size={large * 0.5}>{titleOfThing(next)}</Large>
      </View>
      {next.kind === 'meeting' && <JoinButton meeting={next.event} />}
    </View>
  );
}

/** In which zone one is, until when, and what it is for. */
function ZoneWords() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [head] = headsOf(workspace, [{ from: now, to: now + 1 }], zone);
  if (!head) return null;
  const { name, lines } = head.zone;
  return (
    <Words size="base" tone="soft">
      {[`${name} until ${clockWords(head.hours.to, zone, workspace.settings.clock)}`, ...lines].join(' · ')}
    </Words>
  );
}
