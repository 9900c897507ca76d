import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { goalDayWords } from '@/board/goals/GoalBars';
import { EdgeMark } from '@/board/marks';
import { standingWords } from '@/core/goals/words';
import { hueOfCategory } from '@/core/model/categories';
import type { Grouping } from '@/core/review/grouping';
import type { Task } from '@/core/model/task';
import { stretchAround, type Stretch } from '@/core/time/stretch';
import { dateWords, durationWords } from '@/core/time/words';
import { doneInWeek } from '@/core/weekly/week';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Empty } from '@/ui/Screen';
import { Heading, Words } from '@/ui/Words';
import { Figures } from '../Figures';
import { Pictures } from '../Pictures';
import { FiguresSay } from '../StretchReview';
import { useTold } from '../useTold';

/** How a week went: what its figures say, what was done by goal and list, and its pictures. */
export function BackStep({ week }: { week: string }) {
  const router = useRouter();
  const workspace = useWorkspace();
  const stretch = stretchAround('week', week, workspace.settings.weekStart);
  const against = workspace.seals.get(week)?.openedAt === null ? 'sealed' : 'last';
  const { found } = useTold({ stretch, by: 'category', hours: 'all', against, withoutPrivate: false });
  if (!('answer' in found)) return <Words aria-busy>Adding it all up…</Words>;
  const told = found.answer;
  if (told.isEmpty)
    return (
      <Empty title="Nothing was planned and no time was recorded">
        <Words tone="soft">The other steps can be gone through all the same.</Words>
      </Empty>
    );
  const show = ({ unit, first }: Stretch) =>
    router.navigate({ pathname: '/review', params: { span: unit, day: first } });
  const onOpen = (by: Grouping, key: string | null | undefined) =>
    router.navigate({
      pathname: '/review',
      params: { span: 'week', day: week, by, ...(typeof key === 'string' ? { open: key } : {}) },
    });
  return (
    <>
      <FiguresSay findings={told.findings} />
      <Figures sums={told.sums} />
      <Done week={week} />
      <Pictures review={{ stretch, show, onOpen }} pictures={told.pictures} />
    </>
  );
}

/** What was done in a week, by its goals and by lists. */
export function Done({ week }: { week: string }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { goals, lists } = doneInWeek(workspace, week, zone, now);
  return (
    <View className="gap-4">
      {goals.length > 0 && (
        <View className="gap-1">
          <Heading level={2}>Done for its goals</Heading>
          {goals.map(({ standing, tasks }) => (
            <Line
              key={standing.goal.id}
              hue={hueOfCategory(workspace, standing.goal.category)}
              name={standing.goal.title}
              figure={durationWords(standing.done)}
              about={standingWords(standing)}
              spoken={standing.days
                .filter(({ expected }) => expected > 0)
                .map((day) => `${dateWords(day.date, workspace.settings)} ${goalDayWords(day)}`)
                .join('; ')}
              tasks={tasks}
            />
          ))}
        </View>
      )}
      {lists.length > 0 && (
        <View className="gap-1">
          <Heading level={2}>Done by list</Heading>
          {lists.map(({ list, minutes, tasks }) => (
            <Line
              key={list.id}
              hue={list.hue}
              name={list.name}
              figure={minutes > 0 ? durationWords(minutes) : ''}
              about={
                tasks.length === 0
                  ? 'nothing ticked off'
                  : tasks.length === 1
                    ? '1 task'
                    : `${tasks.length} tasks`
              }
              tasks={tasks}
            />
          ))}
        </View>
      )}
    </View>
  );
}

type LineProps = {
  hue: string;
  name: string;
  figure: string;
  about: string;
  spoken?: string;
  tasks: readonly Task[];
};

function Line({ hue, name, figure, about, spoken = '', tasks }: LineProps) {
  return (
    <View className={`hue-${hue} py-1.5 pl-4`}>
      <EdgeMark />
      <View className="flex-row items-baseline gap-3">
        <View className="flex-1">
          <Words face="strong">{name}</Words>
        </View>
        <Words face="mono">{figure}</Words>
      </View>
      <Words size="xs" tone="soft">
        {about}
      </Words>
      {spoken !== '' && <Words className="sr-only">{spoken}</Words>}
      {tasks.length > 0 && <Words>{[...new Set(tasks.map(({ title }) => title))].join(', ')}</Words>}
    </View>
  );
}
