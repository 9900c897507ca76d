import { Pressable, View } from 'react-native';
import { hueOfSubject } from '@/core/plan/lens';
import type { LedgerRow } from '@/core/review/ledger';
import { dateWords, driftWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useIsNarrow } from '@/ui/useWide';
import { Title, Words, type Tone } from '@/ui/Words';

type LedgerLineProps = {
  row: LedgerRow;
  longest: number;
  /** Its day is told, as it stands among others. */
  dated?: boolean;
  onOpen: () => void;
};

/** The names of the three columns of figures. */
export const LedgerHead = ({ columns }: { columns: readonly string[] }) => (
  <View className="flex-row border-b border-ink-soft pb-1">
    <View className="flex-1" />
    {columns.map((column) => (
      <View key={column} className={COLUMN}>
        <Words size="xs" tone="soft">
          {column}
        </Words>
      </View>
    ))}
  </View>
);

const COLUMN = 'w-[4.625rem] items-end';

type ThreeFiguresProps = { left: string; right: string; change: string; tone: Tone };

/** Two figures and what lies between them, in their columns. */
export const ThreeFigures = ({ left, right, change, tone }: ThreeFiguresProps) => (
  <>
    <View className={COLUMN}>
      <Words>{left}</Words>
    </View>
    <View className={COLUMN}>
      <Words>{right}</Words>
    </View>
    <View className={COLUMN}>
      <Words face="strong" tone={tone}>
        {change}
      </Words>
    </View>
  </>
);

type TwoBarsProps = { left: number; right: number; longest: number; dotted?: boolean };

/** Two figures in minutes on one scale: the first outlined, the second filled, or dotted where nobody planned it. */
export function TwoBars({ left, right, longest, dotted = false }: TwoBarsProps) {
  const size = (minutes: number) =>
    ({ width: `${Math.max(0, (100 * minutes) / longest)}%`, opacity: minutes > 0 ? 1 : 0 }) as const;
  return (
    <View aria-hidden className="gap-0.5">
      <View className="h-1.5 border border-edge bg-fill" style={size(left)} />
      <View
        className={`h-1.5 ${dotted ? 'border border-dotted border-edge' : 'bg-edge'}`}
        style={size(right)}
      />
    </View>
  );
}

/** One row of the ledger: the numbers, and planned (outline) over actual (solid) on one scale. */
export function LedgerLine({ row, longest, dated = false, onOpen }: LedgerLineProps) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const { subject, title, planned, actual, drift, done } = row;
  const narrow = useIsNarrow();
  const hue = hueOfSubject(subject, workspace, zone, now);
  const tone: Tone = drift > 0 ? 'amber' : drift < 0 && actual > 0 ? 'leaf' : drift < 0 ? 'brick' : 'soft';
  const number = (minutes: number) => (minutes === 0 ? '–' : durationWords(minutes));
  const note =
    planned === 0
      ? 'not planned'
      : actual === 0
        ? 'not started'
        : subject.kind === 'event'
          ? 'meeting'
          : (workspace.lists.get(row.listId ?? '')?.name ?? '');
  return (
    <View
      role="group"
      aria-label={`${title}${dated ? `, ${dateWords(row.date, workspace.settings)}` : ''}: planned ${number(planned)}, actual ${number(actual)}, drift ${driftWords(drift)} min${done && subject.kind === 'task' ? ', done' : ''}`}
      className={`hue-${hue} gap-1 border-b border-line pb-2`}
    >
      <View className="flex-row flex-wrap items-center">
        <Pressable
          role="button"
          onPress={onOpen}
          className="min-h-[44px] min-w-[6rem] flex-1 justify-center pr-2 hover:bg-surface"
        >
          <Title narrow={narrow} lines={3}>
            {title}
          </Title>
          <Words size="xs" tone="soft">
            {[
              dated ? dateWords(row.date, workspace.settings) : '',
              note,
              done && subject.kind === 'task' ? 'done' : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Words>
        </Pressable>
        <ThreeFigures left={number(planned)} right={number(actual)} change={driftWords(drift)} tone={tone} />
      </View>
      <TwoBars left={planned} right={actual} longest={longest} dotted={planned === 0} />
    </View>
  );
}
