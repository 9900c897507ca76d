import { Pressable, View } from 'react-native';
import { GoalMeasure } from '@/board/goals/GoalBars';
import { EdgeMark } from '@/board/marks';
import { hueOfCategory } from '@/core/model/categories';
import type { GoalOver } from '@/core/review/goalsOver';
import { asks, pictureSays } from '@/core/review/told/pictureSays';
import type { PictureOf } from '@/core/review/told/picture';
import { dayMonthWords, durationWords } from '@/core/time/words';
import { Pictured } from '@/panels/parts/Pictured';
import { useWorkspace } from '@/state/shown';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

const HEIGHT = 28;
/** So many goals are drawn, those that got most; the others stand in the figures. */
const MOST = 8;

/** What goals got, each week by week beside what was meant for it; a goal opens. */
export function GoalsPicture({ picture }: { picture: PictureOf<'goals'> }) {
  const { settings } = useWorkspace();
  const { weeks, goals } = picture;
  const open = ({ id, weeks: got }: GoalOver) => {
    const last = got.findLastIndex((minutes) => minutes > 0);
    openPanel({ kind: 'goal', id, date: weeks[last < 0 ? weeks.length - 1 : last] ?? '' });
  };
  const drawn = goals.length <= MOST ? goals : [...goals].sort((a, b) => b.done - a.done).slice(0, MOST);
  const most = Math.max(1, ...drawn.flatMap((goal) => goal.weeks));
  const named = weeks.length > 1 ? weeks : [];
  return (
    <Pictured
      asks={asks.goals}
      answer={pictureSays(picture, settings)}
      heads={['goal', 'meant', 'done', ...named.map((week) => dayMonthWords(week, settings))]}
      lines={goals.map(({ title, meant, done, weeks: got }) => [
        title,
        meant === null ? '–' : durationWords(meant),
        durationWords(done),
        ...named.map((_, i) => durationWords(got[i] ?? 0)),
      ])}
      onLine={(line) => {
        const goal = goals[line];
        if (goal) open(goal);
      }}
    >
      <View className="gap-2 px-2">
        {drawn.map((goal) => (
          <Row key={goal.id} goal={goal} most={most} onOpen={() => open(goal)} />
        ))}
        {named.length > 0 && (
          <Words size="xs" tone="soft">
            the weeks from {dayMonthWords(named[0] ?? '', settings)} to{' '}
            {dayMonthWords(named.at(-1) ?? '', settings)}
          </Words>
        )}
        {goals.length > drawn.length && (
          <Words size="xs" tone="soft">
            and {goals.length - drawn.length} more goals, in the figures
          </Words>
        )}
      </View>
    </Pictured>
  );
}

type RowProps = { goal: GoalOver; most: number; onOpen: () => void };

function Row({ goal, most, onOpen }: RowProps) {
  const workspace = useWorkspace();
  const { title, category, span, meant, done, isReached, weeks } = goal;
  const figures = `${durationWords(done)}${meant === null ? '' : ` of ${durationWords(meant)}`}`;
  return (
    <Pressable
      role="button"
      onPress={onOpen}
      className={`hue-${hueOfCategory(workspace, category)} min-h-[44px] gap-1 py-1 pl-3 hover:bg-sunken`}
    >
      <EdgeMark />
      <View className="flex-row justify-between gap-3">
        <View className="shrink">
          <Words face="strong">
            {title}
            {span === 'week' ? '' : ` (${span})`}
          </Words>
        </View>
        <Words>
          {figures}
          {isReached ? ', reached' : ''}
        </Words>
      </View>
      {weeks.length === 1 ? (
        <GoalMeasure standing={{ meant, done, expected: done }} />
      ) : (
        <View aria-hidden className="flex-row items-end border-b border-line" style={{ height: HEIGHT + 1 }}>
          {weeks.map((minutes, i) => (
            <View key={i} className="flex-1 items-center">
              <View
                className="max-w-[20px] bg-edge"
                style={{ width: '70%', height: minutes === 0 ? 0 : Math.max(2, (HEIGHT * minutes) / most) }}
              />
            </View>
          ))}
        </View>
      )}
    </Pressable>
  );
}
