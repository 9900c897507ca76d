import { View } from 'react-native';
import { changeSettings } from '@/core/commands/calendar';
import { useWorkspace } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Choice } from '@/ui/Choice';
import { Heading, Words } from '@/ui/Words';

const A_DAY = [1, 2, 3, 4];
const A_WEEK = [2, 4, 6, 8, 12];

/** How many of them, or any number. */
const choices = (offered: readonly number[], chosen: number | null) => [
  { value: '', name: 'any number' },
  ...[...new Set([...offered, ...(chosen === null ? [] : [chosen])])]
    .sort((a, b) => a - b)
    .map((count) => ({ value: String(count), name: String(count) })),
];

const countOf = (value: string) => (value === '' ? null : Number(value));

/** How many requests are accepted a day and a week; which zones take which stands in the frame. */
export function DoorLimits() {
  const { door } = useWorkspace().settings;
  const set = (change: Partial<typeof door>) =>
    store.run(changeSettings, { door: { ...door, ...change } }, 'The rules of your door are changed');
  return (
    <View className="gap-3 border-t border-line pt-3">
      <Heading level={2}>Rules of your door</Heading>
      <Words size="xs" tone="soft">
        What breaks a rule is shown with times to propose instead; you decide. Which zones take requests of
        which length and from whom is said in the frame, at each zone that expects meetings.
      </Words>
      <Choice
        label="At most a day"
        value={door.day === null ? '' : String(door.day)}
        onChoose={(value) => set({ day: countOf(value) })}
        options={choices(A_DAY, door.day)}
      />
      <Choice
        label="At most a week"
        value={door.week === null ? '' : String(door.week)}
        onChoose={(value) => set({ week: countOf(value) })}
        options={choices(A_WEEK, door.week)}
      />
    </View>
  );
}
