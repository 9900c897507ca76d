import { useState } from 'react';
import { View } from 'react-native';
import { hide, putOffTo } from '@/actions/inbox';
import { Findings } from '@/board/Findings';
import type { Id } from '@/core/model/common';
import type { Due } from '@/core/model/task';
import { judge } from '@/core/plan/judge';
import { dueText } from '@/core/tasks/dueWords';
import { taskOf } from '@/core/tasks/places';
import { addDays, weekdayOf } from '@/core/time/zone';
import { dateWords, weekdayNames } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { readDay } from '@/ui/dayReadings';
import { closePanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { LookAgain } from '../parts/LookAgain';
import { TypedLine } from '../parts/TypedLine';
import { WithMonth } from '../parts/WithMonth';
import { Breaks } from './Breaks';

type Way = 'putOff' | 'hide' | 'park';

const ways: readonly { readonly value: Way; readonly name: string; readonly about: string }[] = [
  {
    value: 'putOff',
    name: 'Put it off',
    about: 'It leaves its place in the plan and goes to the day chosen.',
  },
  {
    value: 'hide',
    name: 'Hide it until',
    about: 'It leaves the plan and all lists, and comes back by itself on that day or at that hour.',
  },
  { value: 'park', name: 'Park it', about: 'It stays out of every plan until you take it up again.' },
];

/** Tomorrow, the next days by their names, and a week from today. */
function nextDays(today: string): readonly { readonly label: string; readonly date: string }[] {
  const named = [2, 3, 4, 5, 6].map((days) => {
    const date = addDays(today, days);
    return { label: weekdayNames[weekdayOf(date) - 1] ?? '', date };
  });
  return [
    { label: 'Tomorrow', date: addDays(today, 1) },
    ...named,
    { label: 'In a week', date: addDays(today, 7) },
  ];
}

/** Puts tasks off by a day, to a weekday, by a week or to what is typed; hides or parks them. */
function Later({ ids }: Panels['later']) {
  const workspace = useWorkspace();
  const { zone, today } = useMoment();
  const [way, setWay] = useState<Way>('putOff');
  const [day, setDay] = useState(addDays(today, 1));
  const there = ids.filter((id) => taskOf(workspace, id));
  if (there.length === 0) return <Words tone="soft">What this was about is no longer there.</Words>;
  const go = (to: Due) => {
    if (way === 'hide' ? hide(there, to) : putOffTo(there, to)) closePanel();
  };
  const eachOn = (date: string) =>
    there.map((taskId) =>
      judge(workspace, { what: { kind: 'task', taskId }, to: { kind: 'tray', date } }, { zone }),
    );
  const findings = (date: string) => (way === 'putOff' ? eachOn(date).flat() : []);
  const about = ways.find(({ value }) => value === way)?.about ?? '';
  return (
    <View className="gap-4">
      <Choice label="What becomes of it" hideLabel value={way} onChoose={setWay} options={ways} />
      {way !== 'park' && <Words tone="soft">{about}</Words>}
      {way === 'park' ? (
        <LookAgain ids={there} onDone={closePanel} />
      ) : (
        <>
          <View className="flex-row flex-wrap gap-2">
            {nextDays(today).map(({ label, date }) => (
              <Button
                key={label}
                label={label}
                says={`${label}, ${dateWords(date, workspace.settings)}`}
                onPress={() => go({ date, time: null })}
              />
            ))}
          </View>
          {way === 'putOff' && (
            <Breaks days={nextDays(today).map(({ label, date }) => ({ label, found: eachOn(date) }))} />
          )}
          <WithMonth
            of="Another day"
            chosen={day}
            from={addDays(today, 1)}
            onChoose={setDay}
            more={
              <Button
                label={
                  way === 'hide'
                    ? `Until ${dateWords(day, workspace.settings)}`
                    : `To ${dateWords(day, workspace.settings)}`
                }
                onPress={() => go({ date: day, time: null })}
              />
            }
          >
            <TypedLine
              label="Another day or hour"
              examples="thu 14:00, 27 Nov, in two weeks"
              read={readDay}
              meaning={(to) => ({
                words: `${way === 'hide' ? 'Until' : 'To'} ${dueText(to, workspace.settings)}`,
                findings: findings(to.date),
              })}
              onTake={go}
            />
          </WithMonth>
          {there.length === 1 && <Findings findings={findings(day)} />}
        </>
      )}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Tasks that are for another time. */
    later: { readonly ids: readonly Id[] };
  }
}

export const later: Panel<Panels['later']> = {
  useTitle({ ids }) {
    const [id = ''] = ids;
    const title = taskOf(useWorkspace(), id)?.title ?? 'Task';
    return ids.length === 1 ? `Later: ${title}` : `Later: ${ids.length} tasks`;
  },
  Content: Later,
};
