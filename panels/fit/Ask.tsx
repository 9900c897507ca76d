import { usePicked } from '@/board/picked';
import { ranges, type Range } from '@/core/fit/range';
import { goalsAhead, isTaskOf } from '@/core/tasks/goals';
import { openOnes } from '@/core/tasks/openTasks';
import { useWorkspace } from '@/state/shown';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { Field, type Reading } from '@/ui/Field';
import { quoted } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { useFitting } from './fitting';

const rangeNames: Readonly<Record<Range, string>> = {
  today: 'Today',
  week: 'This week',
  nextWeek: 'Next week, too',
  due: 'The last due date',
};

const MOST_SPARE = 80;

const readShare = (typed: string): Reading<number> => {
  const share = Number(typed.replace('%', '').trim() || 0);
  return Number.isInteger(share) && share >= 0 && share <= MOST_SPARE
    ? { value: share }
    : { problem: `${quoted(typed)} is no share. Try 15, or anything from 0 to ${MOST_SPARE}.` };
};

/** What is asked of a plan. */
export function Ask() {
  const { today, zone } = useMoment();
  const workspace = useWorkspace();
  const { request } = useFitting();
  const picked = usePicked(({ ids }) => ids);
  const set = (change: Partial<typeof request>) =>
    useFitting.setState({ request: { ...request, ...change } });
  const goals = goalsAhead(workspace, today).filter(({ doneAt }) => doneAt === null);
  const open = openOnes(workspace, today, zone);
  const whats = [
    { value: 'all', name: 'All that is open', tasks: null },
    ...(picked.length > 0 ? [{ value: 'chosen', name: `The ${picked.length} chosen`, tasks: picked }] : []),
    ...goals.map((goal) => ({
      value: goal.id,
      name: goal.title,
      tasks: open.filter((task) => isTaskOf(goal, task)).map(({ id }) => id),
    })),
  ];
  const what = whats.find(({ tasks }) => String(tasks) === String(request.tasks)) ?? whats[0];
  return (
    <>
      <Words tone="soft">
        Where what is open could go: around meetings and what stands, in its zones, on time. Nothing counts
        before you accept it.
      </Words>
      <Choice
        label="Until the end of"
        value={request.range}
        onChoose={(range) => set({ range })}
        options={ranges.map((value) => ({ value, name: rangeNames[value] }))}
      />
      <Choice
        label="What"
        value={what?.value ?? 'all'}
        onChoose={(value) => set({ tasks: whats.find((one) => one.value === value)?.tasks ?? null })}
        options={whats}
      />
      <Field
        label="Left free of each day"
        text={`${request.spare} %`}
        read={readShare}
        onSave={(spare) => set({ spare })}
      />
      <CheckBox
        label="What stands may move, as little as possible"
        checked={request.mends}
        onToggle={() => set({ mends: !request.mends })}
      />
    </>
  );
}
