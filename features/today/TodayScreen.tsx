import { useRouter } from 'expo-router';
import { useWide } from '@/ui/useWide';
import { FindButton } from '@/board/FindButton';
import { FirstSteps } from '@/board/FirstSteps';
import { Fragment } from 'react';
import { View } from 'react-native';
import { headsOf } from '@/core/frame/heads';
import { dayPlan } from '@/core/plan/dayPlan';
import { weekProgress } from '@/core/review/progress';
import { nowView } from '@/core/review/nowView';
import { runningEntry, runningTask } from '@/core/track/entries';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Button } from '@/ui/Button';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { later, useLater } from '@/ui/later';

import { HowFar } from '@/board/HowFar';
import { ZoneHead } from '@/board/days/ZoneHead';
import { WithStrip } from '@/board/strip/WithStrip';
import { Subheading, Words } from '@/ui/Words';
import type * as After from './afterwards';
import { BehindLine } from './BehindLine';
import { LateLine } from './LateLine';
import { ItemRow, TaskRow } from './rows';
import { Keystone } from './Keystone';
import { RunningCard } from './RunningCard';
import { UntilLoaded } from '@/ui/UntilLoaded';

/** Work through the day: what runs, what is on, what is next, what fits before it, and the rest. */
export function TodayScreen() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const today = dateOf(now, zone);
  const view = nowView(workspace, zone, now);
  const { load } = dayPlan(workspace, today, zone);
  const rest = view.rest.filter((item) => item !== view.next);
  const heads = workspace.settings.showZones ? headsOf(workspace, rest, zone) : [];
  const running = runningEntry(workspace.entries);
  const nothing = [workspace.tasks, workspace.repeats, workspace.events].every(({ size }) => size === 0);
  const onIt = runningTask(workspace.entries);
  const notRunning = view.current.filter((item) => item.kind !== 'block' || item.task.id !== onIt);
  const wide = useWide();
  const router = useRouter();
  const dayEnds = view.rest.filter(({ kind }) => kind === 'block').length === 0 && notRunning.length === 0;

  return (
    <WithStrip date={today}>
      <ScrollScreen>
        <ScreenHead
          title="Today"
          page="Today"
          about={`${dateWords(today, workspace.settings)} · ${clockWords(now, zone, workspace.settings.clock)}`}
        >
          {wide ? (
            <FindButton />
          ) : (
            <Button label="Frame" kind="quiet" onPress={() => router.navigate('/frame')} />
          )}
        </ScreenHead>
        <LateLine date={today} />
        <BehindLine />
        <Afterwards part="RoutineLines" />
        <Keystone />
        <FirstSteps />
        {running && <RunningCard entry={running} />}

        {notRunning.length > 0 && (
          <Part title="On now">
            {notRunning.map((item) => (
              <ItemRow
                key={`${item.kind} ${item.from}`}
                item={item}
                now={now}
                snags={view.snags.get(item)}
                boxed
              />
            ))}
          </Part>
        )}

        {view.next && (
          <Part title="Next" aside={`in ${durationWords(view.minutesToNext ?? 0)}`}>
            <ItemRow item={view.next} now={now} snags={view.snags.get(view.next)} />
          </Part>
        )}

        {view.fits.length > 0 && (
          <Part title={`Fits into the ${durationWords(view.minutesToNext ?? 0)} before`}>
            {view.fits.map(({ task, took }) => (
              <TaskRow key={task.id} task={task} took={took} />
            ))}
          </Part>
        )}

        <FarAndLarge />
        {!nothing && (
          <Part title="Rest of the day" aside={`${durationWords(load.planned)} planned today`}>
            {rest.map((item, i) => {
              const head = heads[i];
              return (
                <Fragment key={`${item.kind} ${item.from} ${item.to}`}>
                  {head && <ZoneHead head={head} />}
                  <ItemRow item={item} now={now} snags={view.snags.get(item)} />
                </Fragment>
              );
            })}
            {dayEnds && (
              <Words tone="soft">Nothing else is planned for today. Plan puts tasks onto hours.</Words>
            )}
          </Part>
        )}

        <Afterwards part="TodayFoot" />
      </ScrollScreen>
    </WithStrip>
  );
}

const afterwards = later(() => import('./afterwards'));

type AfterwardsPart = keyof typeof After;

/** A part of the page that comes after its first picture. */
const Afterwards = ({ part }: { part: AfterwardsPart }) => (
  <UntilLoaded>
    <Loaded part={part} />
  </UntilLoaded>
);

function Loaded({ part }: { part: AfterwardsPart }) {
  const Shown = useLater(afterwards)[part];
  return <Shown />;
}

/** How far the day and the week are, and the way to what now in large letters; nothing in a week without plans. */
function FarAndLarge() {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const week = weekProgress(workspace, today, zone, now);
  const hasPlans = dayPlan(workspace, today, zone).load.planned > 0;
  const wide = useWide();
  const router = useRouter();
  if (week.done + week.left === 0) return null;
  return (
    <View className="gap-2">
      <HowFar />
      {/* its lines have their room before they are known: nothing below moves away from a finger */}
      <View className={hasPlans ? (wide ? 'min-h-[20px]' : 'min-h-[40px]') : ''}>
        <Afterwards part="DayEnd" />
      </View>
      <View className="-ml-3 flex-row">
        <Button label="Now, in large letters" kind="quiet" onPress={() => router.navigate('/now')} />
      </View>
    </View>
  );
}

function Part({ title, aside, children }: { title: string; aside?: string; children: React.ReactNode }) {
  return (
    <View>
      <View className="flex-row justify-between gap-2 pb-1">
        <Subheading>{title}</Subheading>
        {aside && (
          <Words face="strong" tone="soft">
            {aside}
          </Words>
        )}
      </View>
      {children}
    </View>
  );
}
