import { useRouter } from 'expo-router';
import { LoadMeasure } from '@/board/LoadMeasure';
import { TightLine } from '@/board/TightLine';
import { useTight } from '@/board/useTight';
import { WithStrip } from '@/board/strip/WithStrip';
import { endWalk, useWalk } from '@/board/walk/useWalk';
import { nextStep, Walk, type WalkStep } from '@/board/walk/Walk';
import { endOpening } from '@/core/commands/closing';
import type { OpeningStep } from '@/core/model/day';
import type { Task } from '@/core/model/task';
import { dayPlan } from '@/core/plan/dayPlan';
import { openingOf } from '@/core/plan/opening';
import { itemsLeft } from '@/core/plan/routines';
import { dateWords, dayWords } from '@/core/time/words';
import { dayOf } from '@/core/time/zone';
import { DayChecklist } from '@/panels/parts/DayChecklist';
import { DayNote } from '@/panels/parts/DayNote';
import { DayNumbers } from '@/panels/parts/DayNumbers';
import { DecideOn } from '@/panels/parts/DecideOn';
import { Goals } from '@/panels/parts/Goals';
import { InboxStep } from '@/panels/parts/InboxStep';
import { Nothing } from '@/panels/parts/Nothing';
import { Intentions } from '@/panels/parts/Intentions';
import { here } from '@/state/here';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Empty, ScreenHead, ScrollScreen } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { Chosen } from './Chosen';

const names: Readonly<Record<OpeningStep, string>> = {
  checklist: 'Checklist',
  note: 'Clear the head',
  numbers: 'Numbers',
  left: 'Left from before',
  overdue: 'Overdue',
  due: 'Due',
  coming: 'Coming soon',
  week: 'The week',
  inbox: 'Inbox',
  choose: 'Choose',
};

const asked = ['left', 'overdue', 'due', 'coming'] as const;
type Asked = (typeof asked)[number];
const isAsked = (step: OpeningStep): step is Asked => asked.some((one) => one === step);

/** The opening of a day: what waits is taken, kept or put off, and what matters most is chosen. */
export function OpeningScreen({ date }: { date: string }) {
  const router = useRouter();
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const { settings } = workspace;
  const chosen = settings.routines.opening;
  const walk = useWalk('opening', date, chosen);
  const opening = openingOf(workspace, date, zone, now);
  const waiting = (step: Asked) => opening[step].filter(({ id }) => !walk.left.includes(id));
  const counts: Partial<Record<OpeningStep, number>> = {
    left: waiting('left').length,
    overdue: waiting('overdue').length,
    due: waiting('due').length,
    coming: waiting('coming').length,
    inbox: opening.inbox.length,
    checklist: itemsLeft(workspace, date, 'opening'),
    ...(settings.routines.counted.length === 0 ? { numbers: 0 } : {}),
  };
  const steps = chosen.map((id): WalkStep<OpeningStep> => ({ id, name: names[id], count: counts[id] }));
  const step = walk.at === 'end' ? chosen[0] : walk.at;
  const next = step && nextStep(steps, step);
  const end = () => {
    if (!store.run(endOpening, { date, at: here().now }, `${dateWords(date, settings)} is open`)) return;
    endWalk('opening');
    router.navigate('/today');
  };
  const { load } = dayPlan(workspace, date, zone);
  const [tight] = useTight();
  return (
    <WithStrip date={date}>
      {step === undefined ? (
        <ScrollScreen>
          <ScreenHead title="Opening" about={dayWords(date, today, settings)} />
          <Empty title="The opening has no steps">
            <Words tone="soft">Settings, under Opening, close and weekly review, says which it has.</Words>
          </Empty>
        </ScrollScreen>
      ) : (
        <Walk
          title="Opening"
          about={dayWords(date, today, settings)}
          steps={steps}
          at={step}
          onGo={walk.go}
          onClose={() => router.navigate('/today')}
          last={<Button label="Begin the day" kind="primary" onPress={end} />}
        >
          <LoadMeasure load={load} />
          {tight && <TightLine tight={tight} />}
          {isAsked(step) && (
            <One
              key={waiting(step)[0]?.id}
              step={step}
              tasks={waiting(step)}
              date={date}
              onLeft={walk.leave}
              onNext={() => next && walk.go(next.id)}
            />
          )}
          {step === 'checklist' && <DayChecklist date={date} at="opening" />}
          {step === 'note' && <DayNote date={date} />}
          {step === 'numbers' && <DayNumbers date={date} />}
          {step === 'week' && (
            <>
              <Goals date={date} />
              <Intentions date={date} />
            </>
          )}
          {step === 'inbox' && <InboxStep count={opening.inbox.length} />}
          {step === 'choose' && <Chosen date={date} />}
        </Walk>
      )}
    </WithStrip>
  );
}

const nothing: Readonly<Record<Asked, string>> = {
  left: 'Nothing is left from the days before.',
  overdue: 'Nothing is overdue.',
  due: 'What is due on this day has its place.',
  coming: 'What is due in the week after has its place, or nothing is.',
};

type OneProps = {
  step: Asked;
  tasks: readonly Task[];
  date: string;
  onLeft: (id: string) => void;
  onNext: () => void;
};

/** What waits at a step, one at a time. */
function One({ step, tasks, date, onLeft, onNext }: OneProps) {
  const { zone, now } = useMoment();
  const [task] = tasks;
  if (!task) return <Nothing words={nothing[step]} onNext={onNext} />;
  return (
    <DecideOn
      task={task}
      place={undefined}
      dayFirst
      from={Math.max(now, dayOf(date, zone).from)}
      about={[names[step].toLowerCase(), tasks.length === 1 ? 'the last' : `${tasks.length} left`].join(
        ' · ',
      )}
      leave="Not today"
      onLeft={() => onLeft(task.id)}
    />
  );
}
