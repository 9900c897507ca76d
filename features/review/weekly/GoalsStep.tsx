import { View } from 'react-native';
import { reachGoal } from '@/actions/goals';
import { useGoals } from '@/board/goals/useGoals';
import { standingWords } from '@/core/goals/words';
import { Goals } from '@/panels/parts/Goals';
import { Button } from '@/ui/Button';
import { Heading, Words } from '@/ui/Words';

/** How the goals of the week that is looked back on came out, and those of the next. */
export function GoalsStep({ week, next }: { week: string; next: string }) {
  const before = useGoals('week', week);
  return (
    <View className="gap-6">
      {before.length > 0 && (
        <View className="gap-1">
          <Heading level={2}>Reached?</Heading>
          {before.map((standing) => {
            const { goal } = standing;
            return (
              <View key={goal.id} className="min-h-[44px] flex-row items-center gap-2 border-b border-line">
                <View className="flex-1 py-1">
                  <Words face="strong">{goal.title}</Words>
                  <Words size="xs" tone="soft">
                    {standingWords(standing)}
                  </Words>
                </View>
                <Button
                  label={goal.doneAt === null ? 'Reached' : 'Not reached'}
                  says={`${goal.doneAt === null ? 'Reached' : 'Not reached'}: ${goal.title}`}
                  kind="quiet"
                  onPress={() => reachGoal(goal)}
                />
              </View>
            );
          })}
        </View>
      )}
      <Goals date={next} />
    </View>
  );
}
