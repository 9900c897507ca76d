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
      {runsOf(columns).map(({ first, count }) => (
        <View
          key={first}
          aria-hidden
          className="moves-often absolute border-2 border-dashed border-pine"
          style={{
            left: `${(100 * first) / 7}%`,
            width: `${(100 * count) / 7}%`,
            top: from * perMinute,
            height: minutes * perMinute,
          }}
        />
      ))}
      <View
        className="moves-often absolute z-10 w-56 rounded-lg border border-pine bg-surface px-3 py-1.5"
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

/** Columns that stand side by side, drawn as one so that little has to follow the pointer. */
function runsOf(columns: readonly number[]): { first: number; count: number }[] {
  const runs: { first: number; count: number }[] = [];
  for (const column of columns.toSorted((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && column === last.first + last.count) last.count += 1;
    else runs.push({ first: column, count: 1 });
  }
  return runs;
}
