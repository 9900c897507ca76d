import { useEffect } from 'react';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { closeThem } from '@/actions/closing';
import { WithStrip } from '@/board/strip/WithStrip';
import { endWalk, useWalk } from '@/board/walk/useWalk';
import { nextStep, Walk, type WalkStep } from '@/board/walk/Walk';
import type { CloseStep } from '@/core/model/day';
import { placesAfter, unfinishedOn, type Unfinished } from '@/core/plan/carry';
import { isClosed, missedCloses } from '@/core/plan/closing';
import { itemsLeft } from '@/core/plan/routines';
import { workingDays } from '@/core/plan/workingDays';
import { daySaid } from '@/core/review/daySaid';
import { dayRecord } from '@/core/review/record';
import { scratchOn } from '@/core/tasks/scratch';
import { spanOfBlock } from '@/core/tasks/places';
import { clockWords, dateWords } from '@/core/time/words';
import { addDays, dayOf } from '@/core/time/zone';
import { DayChecklist } from '@/panels/parts/DayChecklist';
import { DayNote } from '@/panels/parts/DayNote';
import { DayNumbers } from '@/panels/parts/DayNumbers';
import { DecideOn } from '@/panels/parts/DecideOn';
import { Nothing } from '@/panels/parts/Nothing';
import { Scratch } from '@/panels/parts/Scratch';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { RecordStep } from './RecordStep';

const names: Readonly<Record<CloseStep | 'end', string>> = {
  left: 'Left over',
  record: 'Record',
  numbers: 'Numbers',
  note: 'Note',
  scratch: 'Scratch',
  checklist: 'Checklist',
  end: 'The day',
};

/** The close of a day: what is left is decided on, the record made to add up, and the rest written down. */
export function CloseScreen({ date, from }: { date: string; from?: string | undefined }) {
  const router = useRouter();
  const workspace = useWorkspace();
  const { zone, now, today } = useMoment();
  const chosen = [...workspace.settings.routines.close, 'end' as const];
  const walk = useWalk('close', date, chosen, from);
  const later = placesAfter(workspace, date, zone);
  const left = unfinishedOn(workspace, date, zone, now).filter(
    ({ task }) => !walk.left.includes(task.id) && !later.has(task.id),
  );
  const record = dayRecord(workspace, date, zone, now);
  const counts: Partial<Record<CloseStep | 'end', number>> = {
    left: left.length,
    record: record.doubts.length,
    scratch: scratchOn(workspace, date).length,
    checklist: itemsLeft(workspace, date, 'close'),
    ...(workspace.settings.routines.counted.length === 0 ? { numbers: 0 } : {}),
  };
  const first = left[0]?.task.id;
  const { ask } = walk;
  const asks = walk.at === 'left' && first !== undefined;
  useEffect(() => {
    if (asks) ask(first);
  });
  const steps = chosen.map((id): WalkStep<CloseStep | 'end'> => ({ id, name: names[id], count: counts[id] }));
  const next = () => walk.go(nextStep(steps, walk.at)?.id ?? walk.at);
  const close = () => {
    if (!closeThem([date])) return;
    endWalk('close');
    router.navigate('/today');
  };
  return (
    <WithStrip date={date}>
      <Walk
        title="Close the day"
        about={dateWords(date, workspace.settings)}
        steps={steps}
        at={walk.at}
        onGo={walk.go}
        onClose={() => router.navigate('/today')}
        last={<Button label="Close the day" kind="primary" onPress={close} />}
      >
        {walk.at === 'left' && (
          <LeftOver key={first} left={left} date={date} today={today} onLeft={walk.leave} onNext={next} />
        )}
        {walk.at === 'record' && <RecordStep date={date} record={record} />}
        {walk.at === 'numbers' && <DayNumbers date={date} />}
        {walk.at === 'note' && <DayNote date={date} />}
        {walk.at === 'scratch' &&
          (counts.scratch === 0 ? (
            <Words tone="soft">No scratch notes are left.</Words>
          ) : (
            <Scratch today={date} />
          ))}
        {walk.at === 'checklist' && <DayChecklist date={date} at="close" />}
        {walk.at === 'end' && <End date={date} asked={walk.asked} />}
      </Walk>
    </WithStrip>
  );
}

type LeftProps = {
  left: readonly Unfinished[];
  date: string;
  today: string;
  onLeft: (id: string) => void;
  onNext: () => void;
};

/** What is left of the day, one at a time. */
function LeftOver({ left, date, today, onLeft, onNext }: LeftProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const [first] = left;
  if (!first)
    return <Nothing words="Everything of this day is done, or has another place." onNext={onNext} />;
  const { task, place } = first;
  const { clock } = workspace.settings;
  const keystone = workspace.days.get(date)?.keystone === task.id;
  const where =
    place === undefined
      ? 'begun, without a place in the plan'
      : 'start' in place
        ? `${clockWords(place.start, zone, clock)} – ${clockWords(spanOfBlock(place).to, zone, clock)}`
        : 'in the tray';
  const count = left.length === 1 ? 'the last' : `${left.length} left`;
  return (
    <DecideOn
      task={task}
      place={place}
      from={date < today ? now : dayOf(addDays(date, 1), zone).from}
      about={[keystone ? 'keystone' : '', where, count].filter(Boolean).join(' · ')}
      leave="Keep for the morning"
      onLeft={() => onLeft(task.id)}
    />
  );
}

/** What is said of the day, and the other days that were not closed. */
function End({ date, asked }: { date: string; asked: readonly string[] }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const router = useRouter();
  const [next] = workingDays(workspace, addDays(date, 1), zone, 1);
  const others = missedCloses(workspace, today, zone).filter((other) => other !== date);
  const [missed = ''] = others;
  return (
    <View className="gap-4">
      {daySaid(workspace, date, zone, now, asked).map((line) => (
        <Words key={line} size="base" face="strong">
          {line}
        </Words>
      ))}
      <View className="-ml-3 flex-row flex-wrap">
        {next && (
          <Button
            label={`Opening of ${dateWords(next, workspace.settings)}…`}
            kind="quiet"
            onPress={() => router.navigate(`/opening?day=${next}`)}
          />
        )}
        <Button label="The day as text…" kind="quiet" onPress={() => openPanel({ kind: 'dayText', date })} />
      </View>
      {isClosed(workspace, date, zone) && (
        <Words tone="soft">This day is closed. Any change opens it again.</Words>
      )}
      {others.length > 0 && (
        <View className="gap-2">
          <Words tone="soft">
            {others.length === 1
              ? `${dateWords(missed, workspace.settings)} was not closed.`
              : `${others.length} more days were not closed.`}
          </Words>
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={`Go through ${dateWords(missed, workspace.settings)}`}
              onPress={() => router.navigate(`/close?day=${missed}`)}
            />
            <Button
              label={others.length === 1 ? 'Close it as it is' : 'Close them as they are'}
              kind="quiet"
              onPress={() => closeThem(others)}
            />
          </View>
        </View>
      )}
    </View>
  );
}
