import { useState } from 'react';
import { View } from 'react-native';
import { carryOn, setGoal } from '@/actions/goals';
import { wholeOf } from '@/board/goals/GoalBars';
import { useGoals } from '@/board/goals/useGoals';
import { goalsOf } from '@/core/tasks/goals';
import { manyWords } from '@/core/goals/words';
import type { GoalSpan } from '@/core/model/goal';
import { stretchAround, stretchBeside } from '@/core/time/stretch';
import { stretchWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { openPanel } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Heading, Words } from '@/ui/Words';
import { GoalCard } from './GoalCard';

const examples: Readonly<Record<GoalSpan, string>> = {
  week: 'Grant report out by Thursday',
  month: 'Spring surveys planned',
  quarter: 'Permit for the weir',
};

/** The goals of a week; those of its month and its quarter on demand, or where there are some. */
export function Goals({ date }: { date: string }) {
  const workspace = useWorkspace();
  const [longer, setLonger] = useState(false);
  const isShown = (span: GoalSpan) => longer || goalsOf(workspace, span, date).length > 0;
  const rest = (['month', 'quarter'] as const).filter((span) => !isShown(span));
  return (
    <View className="gap-6">
      <Part span="week" date={date} />
      {isShown('month') && <Part span="month" date={date} />}
      {isShown('quarter') && <Part span="quarter" date={date} />}
      {rest.length > 0 && (
        <View className="-ml-3 flex-row">
          <Button
            label={`Goals of the ${rest.join(' and the ')}…`}
            kind="quiet"
            onPress={() => setLonger(true)}
          />
        </View>
      )}
    </View>
  );
}

function Part({ span, date }: { span: GoalSpan; date: string }) {
  const workspace = useWorkspace();
  const { settings } = workspace;
  const standings = useGoals(span, date);
  const whole = wholeOf(standings);
  const many = span === 'week' ? manyWords(standings.length) : '';
  const stretch = stretchAround(span, date, settings.weekStart);
  const before = stretchBeside(stretch, -1, settings.weekStart);
  const there = new Set(standings.map(({ goal }) => goal.id));
  const unmet = goalsOf(workspace, span, before.first).filter(
    ({ id, doneAt }) => doneAt === null && !there.has(id),
  );
  const add = (title: string) => {
    const id = setGoal(title, span, stretch.first);
    if (id !== null) openPanel({ kind: 'goal', id, date: stretch.first });
    return id !== null;
  };
  return (
    <View role="group" aria-label={`Goals: ${stretchWords(stretch, settings)}`} className="gap-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Heading level={2}>{stretchWords(stretch, settings)}</Heading>
        {span === 'week' && standings.length < 3 && (
          <Words size="xs" tone="soft">
            two or three goals
          </Words>
        )}
      </View>
      {standings.map((standing) => (
        <GoalCard key={standing.goal.id} standing={standing} whole={whole} />
      ))}
      {many !== '' && <Words tone="soft">{many}</Words>}
      <Field
        label={`New goal for the ${span}`}
        text=""
        adding
        read={readTitle}
        placeholder={examples[span]}
        onSave={add}
      />
      {unmet.length > 0 && (
        <View className="gap-1">
          <Words size="xs" tone="soft">
            Not reached in {stretchWords(before, settings)}. A goal that goes on keeps its tasks.
          </Words>
          <View className="flex-row flex-wrap gap-2">
            {unmet.map((goal) => (
              <Button
                key={goal.id}
                label={`Go on: ${goal.title}`}
                onPress={() => carryOn(goal, stretch.first)}
              />
            ))}
          </View>
        </View>
      )}
    </View>
  );
}
