import { Linking, View } from 'react-native';
import type { Task } from '@/core/model/task';
import { pageOf } from '@/core/outside/pageOf';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

/** Where a task came from, if it lives in an account, and the way back to it. */
export function FromAccount({ task }: { task: Task }) {
  const { origin } = task;
  const { calendars } = useWorkspace();
  if (origin?.kind !== 'account') return null;
  const name = calendars.get(origin.calendarId)?.name;
  const page = pageOf(task);
  return (
    <View className="gap-1 border-l-4 border-line pl-3">
      <Words tone="soft">
        {name
          ? `From ${name}: title, notes, priority, due date and whether it is done are the same there. Estimate, list, blocks and time are yours alone.`
          : 'From an account that is no longer connected.'}
      </Words>
      {page && (
        <View className="flex-row">
          <Button
            label={`Open it where it lives: ${new URL(page).host}`}
            kind="quiet"
            onPress={() => void Linking.openURL(page)}
          />
        </View>
      )}
    </View>
  );
}
