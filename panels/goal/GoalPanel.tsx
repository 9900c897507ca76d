import { View } from 'react-native';
import { carryOn, leaveOut, reachGoal, removeGoal } from '@/actions/goals';
import { GoalDays, GoalMeasure, wholeOf } from '@/board/goals/GoalBars';
import { useGoals } from '@/board/goals/useGoals';
import { editGoal, meanMinutes } from '@/core/commands/goals';
import { feedable, timeOn } from '@/core/tasks/goals';
import { shortWords, standingWords } from '@/core/goals/words';
import { bounds } from '@/core/model/bounds';
import { categoriesOf, hueOfCategory } from '@/core/model/categories';
import type { Goal } from '@/core/model/goal';
import { stretchAround, stretchBeside } from '@/core/time/stretch';
import { durationWords, stretchWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { readLength, readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { Ties } from './Ties';

const readHours = (typed: string): Reading<number | null> =>
  typed.trim() === '' ? { value: null } : readLength(typed, bounds.estimateMinutes);

/** A goal in the week, month or quarter of a date: what is meant, what it gets, and what is done for it. */
function GoalDetails({ id, date }: Panels['goal']) {
  const workspace = useWorkspace();
  const { settings } = workspace;
  const goal = workspace.goals.get(id);
  if (!goal) return <Words tone="soft">This goal is no longer there.</Words>;
  const { title, category, doneAt, feeds } = goal;
  const stretch = stretchAround(goal.span, date, settings.weekStart);
  const words = stretchWords(stretch, settings);
  const longer = feedable(workspace, goal, date);
  return (
    <View className={`hue-${hueOfCategory(workspace, category)} gap-4`}>
      <Standing goal={goal} date={date} />
      <Field
        label="Goal"
        wraps
        text={title}
        read={readTitle}
        onSave={(to) => store.run(editGoal, { id, title: to })}
      />
      <Field
        label={`Hours meant for it, ${words}`}
        text={minutesWords(timeOn(goal, date, settings.weekStart)?.minutes)}
        read={readHours}
        placeholder="6h"
        onSave={(minutes) => store.run(meanMinutes, { id, date, minutes })}
      />
      <Choice
        label="Category"
        value={category ?? ''}
        onChoose={(to) => store.run(editGoal, { id, category: to === '' ? null : to })}
        options={[
          ...categoriesOf(workspace).map((each) => ({ value: each.id, name: each.name })),
          { value: '', name: 'None' },
        ]}
      />
      {(longer.length > 0 || feeds !== undefined) && (
        <Choice
          label="Its hours count for"
          value={feeds ?? ''}
          onChoose={(to) => store.run(editGoal, { id, feeds: to === '' ? null : to })}
          options={[
            ...longer.map((each) => ({ value: each.id, name: `${each.title} (${each.span})` })),
            { value: '', name: `The ${goal.span} alone` },
          ]}
        />
      )}
      <Ties goal={goal} />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={doneAt === null ? 'Reached' : 'Not reached'}
          says={`${doneAt === null ? 'Reached' : 'Not reached'}: ${title}`}
          icon="check"
          kind="primary"
          onPress={() => reachGoal(goal)}
        />
        <Button
          label="Looking ahead…"
          onPress={() => openPanel({ kind: 'outlook', project: { kind: 'goal', id } })}
        />
        <GoesOn goal={goal} date={date} />
        {goal.times.length > 1 && (
          <Button
            label={`Not in ${words}`}
            onPress={() => {
              if (leaveOut(goal, date)) closePanel();
            }}
          />
        )}
        <Button
          label="Delete the goal"
          icon="remove"
          kind="danger"
          onPress={() => {
            if (removeGoal(goal)) closePanel();
          }}
        />
      </View>
      <Words size="xs" tone="soft">
        Deleting a goal leaves its tasks as they are.
      </Words>
    </View>
  );
}

const minutesWords = (minutes: number | null | undefined) => (minutes ? durationWords(minutes) : '');

function Standing({ goal, date }: { goal: Goal; date: string }) {
  const { today } = useMoment();
  const standings = useGoals(goal.span, date);
  const standing = standings.find((one) => one.goal.id === goal.id);
  if (!standing) return null;
  const missing = goal.doneAt === null ? shortWords(standing, today) : '';
  const isLate = goal.span === 'week' || standing.stretch.last < today;
  return (
    <View className="gap-1.5">
      <Words tone="soft">{standingWords(standing)}</Words>
      {goal.span === 'week' ? (
        <GoalDays standing={standing} whole={wholeOf(standings)} />
      ) : (
        <GoalMeasure standing={standing} />
      )}
      {missing !== '' && (
        <Words size="xs" tone={isLate ? 'brick' : 'soft'}>
          {missing}
        </Words>
      )}
    </View>
  );
}

/** Lets a goal go on into the next week, month or quarter. */
function GoesOn({ goal, date }: { goal: Goal; date: string }) {
  const { weekStart } = useWorkspace().settings;
  const next = stretchBeside(stretchAround(goal.span, date, weekStart), 1, weekStart);
  if (goal.doneAt !== null || timeOn(goal, next.first, weekStart)) return null;
  return <Button label={`Goes on next ${goal.span}`} onPress={() => carryOn(goal, next.first)} />;
}

declare module '@/ui/panels' {
  interface Panels {
    /** A goal, in the week, month or quarter of a date. */
    goal: { readonly id: string; readonly date: string };
  }
}

export const goal: Panel<Panels['goal']> = {
  useTitle: ({ id }) => useWorkspace().goals.get(id)?.title ?? 'Goal',
  Content: GoalDetails,
};
