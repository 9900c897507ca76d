import { View } from 'react-native';
import type { Load } from '@/core/plan/dayPlan';
import { durationWords } from '@/core/time/words';
import { Words } from '@/ui/Words';
import type { EndShown } from './ends/dayEnds';

/** A day's load in words: "5 h 45 of 6 h 15 planned" and what is left or too much. */
export function loadWords({ planned, room, free, capacity, asItTakes }: Load): {
  words: string;
  left: string;
  over: boolean;
} {
  if (capacity === 0)
    return {
      words: planned > 0 ? `Day off, ${durationWords(planned)} planned` : 'Day off, nothing planned',
      left: '',
      over: planned > 0,
    };
  return {
    words: `${durationWords(planned)} of ${durationWords(room)} planned${asItTakes ? ', as it really takes' : ''}`,
    left: free >= 0 ? `${durationWords(free)} free` : `${durationWords(-free)} over`,
    over: free < 0,
  };
}

type BarProps = { load: Load; height?: number; end?: EndShown | undefined };

/**
 * A horizontal measure: meetings, buffers, then what is planned, a notch at capacity, and what goes beyond hatched. Under it a
 * line from where the work of the day comes to in half of the cases to where it does in four of five, red beyond the capacity.
 */
export function LoadBar({ load, height = 10, end }: BarProps) {
  const taken = load.meetings + load.buffers + load.planned;
  const [half, likely] = end ? [taken + end.half, taken + end.likely] : [0, 0];
  const whole = Math.max(load.capacity, taken, likely, 1) * 1.06;
  const part = (minutes: number) => `${(100 * minutes) / whole}%` as const;
  const within = Math.max(0, Math.min(load.planned, load.room));
  return (
    <View aria-hidden className="w-full flex-row bg-sunken" style={{ height }}>
      <View className="bg-meeting" style={{ width: part(load.meetings) }} />
      <View className="hatch-quiet" style={{ width: part(load.buffers) }} />
      <View className="bg-pine" style={{ width: part(within) }} />
      <View className="hatch-over" style={{ width: part(load.planned - within) }} />
      {load.capacity > 0 && (
        <View className="absolute w-0.5 bg-ink" style={{ left: part(load.capacity), top: -2, bottom: -2 }} />
      )}
      {end && (
        <View
          className={`absolute ${likely > load.capacity ? 'bg-brick' : 'bg-pine'}`}
          style={{ left: part(half), width: part(likely - half), minWidth: 6, height: 3, bottom: -5 }}
        />
      )}
    </View>
  );
}

/** The load of one day with its words, and with those about when it is done. */
export function LoadMeasure({ load, end }: BarProps) {
  const { words, left, over } = loadWords(load);
  return (
    <View className="gap-1.5">
      <View className="flex-row flex-wrap justify-between gap-x-2">
        <Words face="strong">{words}</Words>
        <Words tone={over ? 'brick' : 'soft'} face={over ? 'strong' : 'text'}>
          {[left, end?.words].filter(Boolean).join(' · ')}
        </Words>
      </View>
      <LoadBar load={load} end={end} />
    </View>
  );
}

const HEIGHT = 22;

/** A load as an upright measure, with its notch at capacity. */
export function UprightLoad({ load }: { load: Load }) {
  const whole = Math.max(load.capacity * 1.25, load.meetings + load.buffers + load.planned, 1);
  const part = (minutes: number) => (HEIGHT * minutes) / whole;
  const within = Math.max(0, Math.min(load.planned, load.room));
  return (
    <View className="w-3.5 justify-end bg-sunken" style={{ height: HEIGHT }}>
      <View className="hatch-over" style={{ height: part(load.planned - within) }} />
      <View className="bg-pine" style={{ height: part(within) }} />
      <View className="hatch-quiet" style={{ height: part(load.buffers) }} />
      <View className="bg-meeting" style={{ height: part(load.meetings) }} />
      {load.capacity > 0 && (
        <View
          className="absolute -left-1 -right-1 h-0.5 bg-ink"
          style={{ bottom: part(load.capacity) - 1 }}
        />
      )}
    </View>
  );
}
