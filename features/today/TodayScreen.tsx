import { View } from 'react-native';
import { dayPlan, runningEntry } from '@/core/plan/dayPlan';
import { nowView } from '@/core/review/nowView';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { useWorkspace } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { chooseCalendarFile } from '@/ui/files/chooseFile';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { openSheet } from '@/ui/sheets';
import { start } from '@/ui/tasks/actions';
import { WithStrip } from '@/ui/strip/WithStrip';
import { useMinute } from '@/ui/useNow';
import { Words } from '@/ui/Words';
import { DoneToday } from './DoneToday';
import { ItemRow, TaskRow } from './rows';
import { RunningCard } from './RunningCard';

/** Work through the day: what runs, what is on, what is next, what fits before it, and the rest. */
export function TodayScreen() {
  const workspace = useWorkspace();
  const now = useMinute();
  const today = dateOf(now, session.zone);
  const view = nowView(workspace, session.zone, now);
  const { load } = dayPlan(workspace, today, session.zone);
  const running = runningEntry(workspace.entries);
  const nothing = workspace.tasks.size === 0 && workspace.events.size === 0;
  const notRunning = view.current.filter(
    (item) =>
      !(item.kind === 'block' && running?.subject.kind === 'task' && running.subject.taskId === item.task.id),
  );
  const dayEnds = view.rest.filter(({ kind }) => kind === 'block').length === 0 && notRunning.length === 0;

  return (
    <WithStrip date={today}>
      <ScrollScreen>
        <ScreenHead
          title="Now"
          about={`${dateWords(today)} · ${clockWords(now, session.zone, workspace.settings.clock)}`}
        />
        {nothing && <FirstSteps />}
        {running && <RunningCard entry={running} />}

        {notRunning.length > 0 && (
          <Part title="On now">
            {notRunning.map((item) => (
              <ItemRow key={`${item.kind} ${item.from}`} item={item} now={now} boxed />
            ))}
          </Part>
        )}

        {view.next && (
          <Part title="Next" aside={`in ${durationWords(view.minutesToNext ?? 0)}`}>
            <ItemRow item={view.next} now={now} />
          </Part>
        )}

        {view.fits.length > 0 && (
          <Part title={`Fits into the ${durationWords(view.minutesToNext ?? 0)} before`}>
            {view.fits.map((task) => (
              <TaskRow key={task.id} task={task} />
            ))}
          </Part>
        )}

        {!nothing && (
          <Part title="Rest of the day" aside={`${durationWords(load.planned)} planned today`}>
            {view.rest
              .filter((item) => item !== view.next)
              .map((item) => (
                <ItemRow key={`${item.kind} ${item.from} ${item.to}`} item={item} now={now} />
              ))}
            {dayEnds && (
              <Words tone="soft">Nothing else is planned for today. Plan puts tasks onto hours.</Words>
            )}
          </Part>
        )}

        <Field
          label="Something else came up? Type it and press Enter to time it"
          text=""
          read={readTitle}
          adding
          placeholder="Pump broke down"
          onSave={(title) => start({ kind: 'other', title })}
        />
        <DoneToday today={today} />
      </ScrollScreen>
    </WithStrip>
  );
}

function Part({ title, aside, children }: { title: string; aside?: string; children: React.ReactNode }) {
  return (
    <View>
      <View className="flex-row justify-between gap-2 pb-1">
        <Words role="heading" face="strong" tone="soft">
          {title}
        </Words>
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

const FirstSteps = () => (
  <Empty title="Begin with what is fixed">
    <Words tone="soft">
      Bring in your calendar file, list a few tasks with their estimates, then drag them between the meetings
      in Plan.
    </Words>
    <View className="flex-row flex-wrap gap-2">
      <Button label="Choose a calendar file" icon="calendar" kind="primary" onPress={chooseCalendarFile} />
      <Button label="Add task" icon="add" onPress={() => openSheet({ kind: 'newTask' })} />
    </View>
  </Empty>
);
