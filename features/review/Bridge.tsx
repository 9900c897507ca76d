import { View } from 'react-native';
import Svg, { Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import type { LedgerSums } from '@/core/review/ledger';
import { driftWords, durationWords } from '@/core/time/words';
import { Words } from '@/ui/Words';

type Step = { name: string; figure: string; from: number; to: number; fill: string };

/** From planned to actual, step by step; each bar begins where the one before it ended. */
function stepsOf(
  { planned, actual, over, under, notStarted, unplanned }: LedgerSums,
  tell: (minutes: number) => string,
): Step[] {
  let level = planned;
  const step = (name: string, change: number, fill: string): Step => {
    const from = level;
    level += change;
    return { name, figure: tell(change), from, to: level, fill };
  };
  return [
    { name: 'Planned', figure: durationWords(planned), from: 0, to: planned, fill: 'var(--pine)' },
    step('Over', over, 'var(--amber)'),
    step('Under', -under, 'var(--leaf)'),
    step('Not started', -notStarted, 'var(--meeting)'),
    step('Unplanned', unplanned, 'url(#unplanned)'),
    { name: 'Actual', figure: durationWords(actual), from: 0, to: actual, fill: 'var(--pine)' },
  ];
}

const HEIGHT = 130;
const COLUMN = 100;

type Props = { sums: LedgerSums; tell?: (minutes: number) => string };

/** How planned became actual, as a picture; `tell` says signed minutes. */
export function Bridge({ sums, tell = driftWords }: Props) {
  const steps = stepsOf(sums, tell);
  const top = Math.max(...steps.flatMap(({ from, to }) => [from, to]), 1);
  const y = (minutes: number) => HEIGHT - (minutes / top) * (HEIGHT - 4);
  const summary = steps.map(({ name, figure }) => `${name} ${figure}`).join(', ');
  return (
    <View
      role="img"
      aria-label={`From planned to actual: ${summary}`}
      className="gap-1 border border-line bg-surface p-3"
    >
      <View className="flex-row">
        {steps.map(({ name, figure }) => (
          <View key={name} className="min-w-0 flex-1 justify-end px-0.5">
            <Words size="xs" face="strong" className="text-center [overflow-wrap:normal]">
              {figure}
            </Words>
          </View>
        ))}
      </View>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${COLUMN * steps.length} ${HEIGHT}`}
        preserveAspectRatio="none"
      >
        <Defs>
          <Pattern
            id="unplanned"
            width={8}
            height={8}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <Rect width={4} height={8} fill="var(--amber)" />
          </Pattern>
        </Defs>
        <Line x1={0} x2={COLUMN * steps.length} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke="var(--line)" />
        {steps.map(({ name, from, to, fill }, i) => (
          <Rect
            key={name}
            x={i * COLUMN + 18}
            width={COLUMN - 36}
            y={Math.min(y(from), y(to))}
            height={Math.max(1.5, Math.abs(y(from) - y(to)))}
            fill={fill}
          />
        ))}
        {steps.slice(0, -1).map(({ name, to }, i) => (
          <Path
            key={name}
            d={`M${i * COLUMN + COLUMN - 18} ${y(to)}h36`}
            stroke="var(--ink-soft)"
            strokeDasharray="3 3"
          />
        ))}
      </Svg>
      <View className="flex-row">
        {steps.map(({ name }) => (
          <View key={name} className="flex-1 items-center">
            <Words size="xs" tone="soft" className="text-center">
              {name}
            </Words>
          </View>
        ))}
      </View>
    </View>
  );
}
