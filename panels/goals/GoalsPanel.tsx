import { View } from 'react-native';
import { weekOf } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Goals } from '../parts/Goals';
import type { Panel, Panels } from '@/ui/panels';

declare module '@/ui/panels' {
  interface Panels {
    /** The goals of the week of a date, and of its month and quarter. */
    goals: { readonly date: string };
  }
}

function GoalsOfWeek({ date }: Panels['goals']) {
  const { weekStart } = useWorkspace().settings;
  return (
    <View className="gap-6">
      <Goals date={date} />
      <View className="-ml-3 flex-row">
        <Button
          label="The week, looking ahead…"
          kind="quiet"
          onPress={() =>
            openPanel({ kind: 'outlook', project: { kind: 'week', id: weekOf(date, weekStart) } })
          }
        />
      </View>
    </View>
  );
}

export const goals: Panel<Panels['goals']> = { useTitle: () => 'Goals', Content: GoalsOfWeek };
