import { chooseGoalOf } from '@/actions/goals';
import { useGoals } from '@/board/goals/useGoals';
import { goalsAhead, isTaskOf, timeOn } from '@/core/tasks/goals';
import { standingWords } from '@/core/goals/words';
import type { Goal } from '@/core/model/goal';
import type { Task } from '@/core/model/task';
import { addDays } from '@/core/time/zone';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';

/** For which of the goals of this week and the next a task is done; nothing where there are none. */
export function ForGoal({ task }: { task: Task }) {
  const { today } = useMoment();
  const workspace = useWorkspace();
  const goals = goalsAhead(workspace, today);
  if (goals.length === 0) return null;
  const own = goals.find((goal) => isTaskOf(goal, task));
  const byList = own !== undefined && !own.tasks.includes(task.id);
  return (
    <>
      <Choice
        label={byList ? 'For the goal (by its list)' : 'For the goal'}
        value={own?.id ?? ''}
        onChoose={(id) => chooseGoalOf(task, goals.find((goal) => goal.id === id) ?? null, goals)}
        options={[...goals.map(({ id, title }) => ({ value: id, name: title })), { value: '', name: 'None' }]}
      />
      {own && <Gets goal={own} />}
    </>
  );
}

/** What a goal gets: in this week, or else in the next. */
function Gets({ goal }: { goal: Goal }) {
  const { today } = useMoment();
  const { weekStart } = useWorkspace().settings;
  const date = timeOn(goal, today, weekStart) ? today : addDays(today, 7);
  const standing = useGoals(goal.span, date).find((one) => one.goal.id === goal.id);
  return standing ? (
    <Words size="xs" tone="soft">
      {standingWords(standing)}
    </Words>
  ) : null;
}
