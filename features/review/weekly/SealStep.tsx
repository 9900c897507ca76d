import { View } from 'react-native';
import { useGoals } from '@/board/goals/useGoals';
import { briefWords } from '@/core/goals/words';
import { sealOfWeek } from '@/core/model/seal';
import { sealOf } from '@/core/plan/sealing';
import { hasEnded } from '@/core/time/week';
import { dayMonthWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Words } from '@/ui/Words';
import { PlanButton, WeekLoads } from './Beside';

/** What the plan of the coming week is as it would be sealed, and the way to it. */
export function SealStep({ next }: { next: string }) {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const goals = useGoals('week', next);
  const { blocks, tray, meetings } = sealOf(workspace, next, zone, now);
  const minutes = blocks.reduce((sum, block) => sum + block.minutes, 0);
  const words = dayMonthWords(next, workspace.settings);
  const isSealed = sealOfWeek(workspace, next)?.openedAt === null;
  const figures = [
    `${durationWords(minutes)} in ${blocks.length === 1 ? 'one block' : `${blocks.length} blocks`}`,
    tray.length > 0 ? `${tray.length} in trays` : '',
    meetings.length === 1 ? 'one meeting' : `${meetings.length} meetings`,
    ...goals.map((standing) => `${standing.goal.title} ${briefWords(standing)}`),
  ];
  return (
    <View className="gap-5">
      <Words size="base">
        The week of {words}: {figures.filter(Boolean).join(', ')}.
      </Words>
      <Words tone="soft">
        {hasEnded(next, today)
          ? 'That week is over, so it cannot be sealed any more.'
          : isSealed
            ? 'It is sealed already.'
            : 'Plan it first, then seal it: what comes later is marked, and this plan is what the week is judged by.'}
      </Words>
      <PlanButton week={next} />
      <View className="lg:hidden">
        <WeekLoads week={next} />
      </View>
    </View>
  );
}
