import { useRouter } from 'expo-router';
import { useState } from 'react';
import { endWeek } from '@/actions/weeks';
import { endWalk, useWalk } from '@/board/walk/useWalk';
import { nextStep, Walk, type WalkStep } from '@/board/walk/Walk';
import type { WeeklyStep } from '@/core/model/weekPage';
import { sealOfWeek } from '@/core/model/seal';
import { inboxOn } from '@/core/tasks/inbox';
import { hasEnded } from '@/core/time/week';
import { stretchAround, stretchBeside } from '@/core/time/stretch';
import { dayMonthWords, durationWords, stretchWords } from '@/core/time/words';
import { addDays } from '@/core/time/zone';
import { leftOfWeek, parkedUntil } from '@/core/weekly/week';
import { pageOf, usualMinutes } from '@/core/weekly/pages';
import { DecideOn } from '@/panels/parts/DecideOn';
import { InboxStep } from '@/panels/parts/InboxStep';
import { Nothing } from '@/panels/parts/Nothing';
import { useWorkspace } from '@/state/shown';
import { Button, IconButton } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { ScreenHead, ScrollScreen } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { ReviewPlaces } from '../ReviewPlaces';
import { AheadStep } from './AheadStep';
import { BackStep } from './BackStep';
import { WithWeek } from './Beside';
import { GoalsStep } from './GoalsStep';
import { PageView } from './PageView';
import { ParkedStep } from './ParkedStep';
import { SealStep } from './SealStep';
import { useSpent } from './useSpent';
import { WriteStep } from './WriteStep';

const names: Readonly<Record<WeeklyStep, string>> = {
  back: 'How it went',
  left: 'Left over',
  parked: 'Parked',
  inbox: 'Inbox',
  ahead: 'Coming',
  write: 'Write',
  goals: 'Goals',
  seal: 'Seal',
};

/** The weekly review of the week that begins on a date: gone through step by step, or, once that is done, its page. */
export function WeeklyScreen({ week }: { week: string }) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const [again, setAgain] = useState(false);
  const isEnded = pageOf(workspace, week)?.endedAt !== undefined;
  const isAhead = week > today;
  if (!again && (isEnded || isAhead))
    return <Page week={week} isAhead={isAhead} onAgain={() => setAgain(true)} />;
  return <Going key={week} week={week} onEnd={() => setAgain(false)} />;
}

type PageProps = { week: string; isAhead: boolean; onAgain: () => void };

/** The page of a week, and the way to those before and after. */
function Page({ week, isAhead, onAgain }: PageProps) {
  const router = useRouter();
  const { settings } = useWorkspace();
  const stretch = stretchAround('week', week, settings.weekStart);
  const go = (by: -1 | 1) => router.setParams({ day: stretchBeside(stretch, by, settings.weekStart).first });
  return (
    <ScrollScreen>
      <ScreenHead title="Weekly review" about={stretchWords(stretch, settings)}>
        <IconButton label="The week before" icon="back" onPress={() => go(-1)} />
        <IconButton label="The week after" icon="forward" onPress={() => go(1)} />
      </ScreenHead>
      <ReviewPlaces at="/weekly" />
      {isAhead ? (
        <Words tone="soft">This week has not begun yet.</Words>
      ) : (
        <PageView week={week} onAgain={onAgain} />
      )}
    </ScrollScreen>
  );
}

/** The steps of a weekly review. */
function Going({ week, onEnd }: { week: string; onEnd: () => void }) {
  const router = useRouter();
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const { weekly } = settings.routines;
  const walk = useWalk('weekly', week, weekly);
  const at = walk.at === 'end' ? weekly[0] : walk.at;
  const spent = useSpent(week, at ?? '');
  const next = addDays(week, 7);
  const left = leftOfWeek(workspace, week, zone, now).filter(({ task }) => !walk.left.includes(task.id));
  const parked = parkedUntil(workspace, today).filter(({ id }) => !walk.left.includes(id));
  const inbox = inboxOn(workspace, today).filter((task) => !task.parked).length;
  const counts: Partial<Record<WeeklyStep, number>> = {
    left: left.length,
    parked: parked.length,
    inbox,
  };
  const steps = weekly.map((id): WalkStep<WeeklyStep> => ({ id, name: names[id], count: counts[id] }));
  const stretch = stretchAround('week', week, settings.weekStart);
  const usual = usualMinutes(workspace);
  if (at === undefined)
    return (
      <ScrollScreen>
        <ScreenHead title="Weekly review" about={stretchWords(stretch, settings)} />
        <ReviewPlaces at="/weekly" />
        <Words tone="soft">
          The weekly review has no steps. Settings, under Opening, close and weekly review, says which it has.
        </Words>
      </ScrollScreen>
    );
  const onNext = () => walk.go(nextStep(steps, at)?.id ?? at);
  const seals =
    weekly.includes('seal') && !hasEnded(next, today) && sealOfWeek(workspace, next)?.openedAt !== null;
  const end = () => {
    if (!endWeek(week, spent.end(), seals)) return;
    endWalk('weekly');
    onEnd();
    if (seals) router.navigate({ pathname: '/plan', params: { view: 'week', day: next } });
  };
  return (
    <WithWeek week={next} without={at === 'goals' ? 'goals' : at === 'seal' ? 'plan' : null}>
      <Walk
        title="Weekly review"
        about={[stretchWords(stretch, settings), usual ? `usually ${durationWords(usual)}` : '']
          .filter(Boolean)
          .join(' · ')}
        steps={steps}
        at={at}
        onGo={walk.go}
        onClose={() => router.navigate('/review')}
        last={
          <Button
            label={seals ? `Seal the week of ${dayMonthWords(next, settings)}` : 'End the review'}
            kind="primary"
            onPress={end}
          />
        }
      >
        {at === 'back' && <BackStep week={week} />}
        {at === 'left' && <Left left={left} onLeft={walk.leave} onNext={onNext} />}
        {at === 'parked' && <ParkedStep tasks={parked} onLeft={walk.leave} onNext={onNext} />}
        {at === 'inbox' && <InboxStep count={inbox} />}
        {at === 'ahead' && <AheadStep from={next} />}
        {at === 'write' && <WriteStep week={week} />}
        {at === 'goals' && <GoalsStep week={week} next={next} />}
        {at === 'seal' && <SealStep next={next} />}
      </Walk>
    </WithWeek>
  );
}

type LeftProps = {
  left: ReturnType<typeof leftOfWeek>;
  onLeft: (id: string) => void;
  onNext: () => void;
};

/** What is left of the week, one at a time. */
function Left({ left, onLeft, onNext }: LeftProps) {
  const { now } = useMoment();
  const [first] = left;
  if (!first)
    return <Nothing words="Everything of this week is done, or has another place." onNext={onNext} />;
  const { task, place } = first;
  return (
    <DecideOn
      key={task.id}
      task={task}
      place={place}
      from={now}
      about={left.length === 1 ? 'the last' : `${left.length} left`}
      leave="Leave it"
      onLeft={() => onLeft(task.id)}
    />
  );
}
