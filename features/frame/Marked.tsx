import { View } from 'react-native';
import { timesWords } from '@/core/frame/words';
import { useWorkspace } from '@/state/shown';
import { Words } from '@/ui/Words';
import { useMark } from './mark';

/** The hours that are marked, and in words what they would become. */
export function Marked({ weekdays, perMinute }: { weekdays: readonly number[]; perMinute: number }) {
  const { mark, name } = useMark();
  const { weekStart, clock } = useWorkspace().settings;
  if (!mark) return null;
  const { columns, from, minutes } = mark;
  const days = columns.map((column) => weekdays[column] ?? 1);
  const last = Math.max(...columns);
  return (
    <View className="absolute inset-0" style={{ pointerEvents: 'none' }}>
      {columns.map((column) => (
        <View
          key={column}
          aria-hidden
          className="absolute border-2 border-dashed border-pine"
          style={{
            left: `${(100 * column) / 7}%`,
            width: `${100 / 7}%`,
            top: from * perMinute,
            height: minutes * perMinute,
          }}
        />
      ))}
      <View
        className="absolute z-10 w-56 rounded-lg border border-pine bg-surface px-3 py-1.5"
        style={{
          top: Math.max(0, from * perMinute - 56),
          ...(last > 3 ? { right: 4 } : { left: `${(100 * Math.min(...columns)) / 7}%` }),
        }}
      >
        <Words face="strong">{name}</Words>
        <Words face="strong" tone="pine" aria-live="polite">
          {timesWords({ days, from, minutes }, weekStart, clock)}
        </Words>
      </View>
    </View>
  );
}
