import { useEffect, useRef, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import type { ReviewAsked } from '@/core/review/asked';
import { groupHue, groupName } from '@/core/review/groupName';
import { groupings, SEVERAL, type Grouping } from '@/core/review/grouping';
import { together, type ReviewLine } from '@/core/review/lines';
import { linesSay } from '@/core/review/told/pictureSays';
import type { Told } from '@/core/review/told/told';
import { durationWords, signedWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Icon } from '@/ui/icons';
import { useIsNarrow } from '@/ui/useWide';
import { Heading, Title, Words } from '@/ui/Words';
import { LedgerHead, ThreeFigures, TwoBars } from './LedgerLine';
import { LineRows } from './LineRows';
import type { Review } from './useReview';

const groupingNames: Record<Grouping, string> = {
  category: 'Category',
  list: 'List',
  task: 'Task',
  kind: 'Kind',
  meeting: 'Meeting',
  person: 'Person',
  day: 'Day',
  weekday: 'Weekday',
  hour: 'Hour',
  zone: 'Zone',
};

type Props = {
  review: Review;
  asked: ReviewAsked;
  /** What tells what is asked from other questions, and whether its answer is worked out beside the interface. */
  question: string;
  isLong: boolean;
  told: Told;
};

/** What the three figures of a line are called. */
export const columnsOf = ({ then }: Told): readonly string[] =>
  then ? ['then', 'now', 'change'] : ['planned', 'actual', 'drift'];

/** Where a line stands on the page. */
export const lineId = (key: string | null) => `line-${key ?? 'none'}`;

/** So many lines are shown at first. */
const SHOWN = 40;

/** Where the hours went, line by line; each is opened down to what it is made of. */
export function Lines({ review, asked, question, isLong, told }: Props) {
  const { by, opened, onBy, onOpen } = review;
  const workspace = useWorkspace();
  const [all, setAll] = useState(false);
  const { lines } = told;
  const columns = columnsOf(told);
  const isShown = ({ key }: ReviewLine, i: number) => all || i < SHOWN || key === opened;
  const shown = lines.filter(isShown);
  const longest = Math.max(1, ...lines.flatMap(({ left, right }) => [left, right]));
  const sums = together(lines);
  const [most] = [...lines]
    .filter(({ key, change }) => key !== null && key !== SEVERAL && change !== 0)
    .sort((a, b) => Math.abs(b.change) - Math.abs(a.change));
  const named = most && { name: groupName(workspace, by, most), change: most.change };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Heading level={2}>{linesSay(named, told.then ? 'earlier' : 'plan')}</Heading>
        <Words tone="soft">sums to the minute</Words>
      </View>
      <Choice
        label="By"
        hideLabel
        value={by}
        onChoose={onBy}
        options={groupings.map((value) => ({ value, name: groupingNames[value] }))}
      />
      <View>
        <LedgerHead columns={columns} />
        {shown.map((line) => (
          <Line
            key={line.key ?? ''}
            line={line}
            by={by}
            longest={longest}
            columns={columns}
            isOpen={opened === line.key}
            onPress={() => onOpen(by, opened === line.key ? undefined : line.key)}
          >
            <LineRows asked={asked} question={question} isLong={isLong} of={line.key} />
          </Line>
        ))}
        {lines.length > shown.length && (
          <Button
            label={`Show ${lines.length - shown.length} more`}
            kind="quiet"
            onPress={() => setAll(true)}
          />
        )}
        <View role="group" aria-label="Together" className="flex-row flex-wrap items-center pt-2">
          <View className="min-w-[6rem] flex-1">
            <Words face="strong">Together</Words>
          </View>
          <ThreeFigures
            left={durationWords(sums.left)}
            right={durationWords(sums.right)}
            change={signedWords(sums.change)}
            tone="ink"
          />
        </View>
      </View>
    </View>
  );
}

/** Gives the keyboard to a line that is opened from elsewhere on the page, which brings it into sight, once it is drawn. */
export function useKeyboardOn(opened: string | null | undefined): void {
  const known = useRef(opened);
  useEffect(() => {
    const line = opened === undefined ? null : document.getElementById(lineId(opened));
    if (opened === known.current || (opened !== undefined && !line)) return;
    known.current = opened;
    if (!line?.contains(document.activeElement)) line?.querySelector<HTMLElement>('[role=button]')?.focus();
  });
}

type LineProps = {
  line: ReviewLine;
  by: Grouping;
  longest: number;
  columns: readonly string[];
  isOpen: boolean;
  onPress: () => void;
  /** What it is made of, once it is opened. */
  children: ReactNode;
};

function Line({ line, by, longest, columns, isOpen, onPress, children }: LineProps) {
  const workspace = useWorkspace();
  const narrow = useIsNarrow();
  const name = groupName(workspace, by, line);
  const { key, left, right, change, count } = line;
  const number = (minutes: number) => (minutes === 0 ? '–' : durationWords(minutes));
  const tone = change > 0 && columns.includes('drift') ? 'amber' : 'ink';
  return (
    <View
      id={lineId(key)}
      role="group"
      aria-label={`${name}: ${columns[0]} ${number(left)}, ${columns[1]} ${number(right)}, ${columns[2]} ${signedWords(change)}`}
      className={`hue-${groupHue(workspace, by, line) ?? 'slate'} border-b border-line pb-2`}
    >
      <View className="flex-row flex-wrap items-center">
        <Pressable
          role="button"
          aria-expanded={isOpen}
          disabled={count === 0}
          onPress={onPress}
          className="min-h-[44px] min-w-[6rem] flex-1 flex-row items-center gap-1 pr-2 hover:bg-surface"
        >
          <View style={{ transform: isOpen ? 'rotate(90deg)' : 'none' }}>
            <Icon name="forward" size={14} colour="ink-soft" />
          </View>
          <View className="flex-1">
            <Title narrow={narrow} lines={2}>
              {name}
            </Title>
          </View>
        </Pressable>
        <ThreeFigures left={number(left)} right={number(right)} change={signedWords(change)} tone={tone} />
      </View>
      <TwoBars left={left} right={right} longest={longest} />
      {isOpen && children}
    </View>
  );
}
