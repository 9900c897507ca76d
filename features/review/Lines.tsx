import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { groupHue, groupName } from '@/core/review/groupName';
import { groupings, type Grouping } from '@/core/review/grouping';
import type { LedgerRow } from '@/core/review/ledger';
import { together, type ReviewLine } from '@/core/review/lines';
import { dateWords, durationWords, signedWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Icon } from '@/ui/icons';
import { openPanel } from '@/ui/panels';
import { useIsNarrow } from '@/ui/useWide';
import { Subheading, Title, Words } from '@/ui/Words';
import { LedgerHead, LedgerLine, ThreeFigures, TwoBars } from './LedgerLine';
import type { Review } from './useReview';

const groupingNames: Record<Grouping, string> = {
  category: 'Category',
  list: 'List',
  task: 'Task',
  meeting: 'Meeting',
  person: 'Person',
  day: 'Day',
  weekday: 'Weekday',
  hour: 'Hour',
  zone: 'Zone',
};

type Props = {
  review: Review;
  lines: readonly ReviewLine[];
  /** What the three figures of a line are called. */
  columns: readonly string[];
};

/** So many lines are shown at first, and so many rows of one. */
const SHOWN = { lines: 40, rows: 30 };

/** Where the hours went, line by line; each is opened down to what it is made of. */
export function Lines({ review: { by, onBy }, lines, columns }: Props) {
  const [opened, setOpened] = useState<string | null>();
  const [all, setAll] = useState(false);
  const shown = all ? lines : lines.slice(0, SHOWN.lines);
  const longest = Math.max(1, ...lines.flatMap(({ left, right }) => [left, right]));
  const sums = together(lines);
  return (
    <View className="gap-2">
      <View className="flex-row justify-between">
        <Subheading>Where it went</Subheading>
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
            onPress={() => setOpened(opened === line.key ? undefined : line.key)}
          />
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

type LineProps = {
  line: ReviewLine;
  by: Grouping;
  longest: number;
  columns: readonly string[];
  isOpen: boolean;
  onPress: () => void;
};

function Line({ line, by, longest, columns, isOpen, onPress }: LineProps) {
  const workspace = useWorkspace();
  const narrow = useIsNarrow();
  const name = groupName(workspace, by, line);
  const { left, right, change, rows } = line;
  const number = (minutes: number) => (minutes === 0 ? '–' : durationWords(minutes));
  const tone = change > 0 && columns.includes('drift') ? 'amber' : 'ink';
  return (
    <View
      role="group"
      aria-label={`${name}: ${columns[0]} ${number(left)}, ${columns[1]} ${number(right)}, ${columns[2]} ${signedWords(change)}`}
      className={`hue-${groupHue(workspace, by, line) ?? 'slate'} border-b border-line pb-2`}
    >
      <View className="flex-row flex-wrap items-center">
        <Pressable
          role="button"
          aria-expanded={isOpen}
          disabled={rows.length === 0}
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
      {isOpen && <Rows rows={rows} uncategorised={by === 'category' && line.key === null} />}
    </View>
  );
}

/** What a line is made of, day by day; each leads to its entries, where they are corrected. */
function Rows({ rows, uncategorised }: { rows: readonly LedgerRow[]; uncategorised: boolean }) {
  const { settings } = useWorkspace();
  const [all, setAll] = useState(false);
  const told = [...rows].sort((a, b) => a.date.localeCompare(b.date) || a.from - b.from);
  const shown = all ? told : told.slice(0, SHOWN.rows);
  const longest = Math.max(1, ...rows.flatMap(({ planned, actual }) => [planned, actual]));
  return (
    <View role="group" aria-label="What it is made of" className="gap-1 pl-4 pt-2">
      {shown.map((row) => (
        <View key={`${row.date} ${row.key} ${row.from}`}>
          <LedgerLine
            row={row}
            longest={longest}
            dated
            onOpen={() => openPanel({ kind: 'spent', subject: row.subject, date: row.date })}
          />
          {uncategorised && (
            <View className="-ml-3 flex-row">
              <Button
                label="Category…"
                says={`Category… of ${row.title}, ${dateWords(row.date, settings)}`}
                kind="quiet"
                onPress={() => openPanel({ kind: 'giveCategory', subject: row.subject })}
              />
            </View>
          )}
        </View>
      ))}
      {told.length > shown.length && (
        <Button label={`Show ${told.length - shown.length} more`} kind="quiet" onPress={() => setAll(true)} />
      )}
    </View>
  );
}
