import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { ReviewAsked } from '@/core/review/asked';
import { endsWords } from '@/core/review/endsWords';
import type { LedgerSums } from '@/core/review/ledger';
import { lineOf, type LineTold } from '@/core/review/told/told';
import { asLine, dateWords, durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { LedgerLine } from './LedgerLine';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** So many rows are shown at first. */
const SHOWN = 30;

type Props = { asked: ReviewAsked; question: string; isLong: boolean; of: string | null };

/** What a line is made of, worked out once it is opened. */
export function LineRows({ asked, question, isLong, of }: Props) {
  const input = useMemo(() => ({ ...asked, key: of }), [asked, of]);
  const found = useWorkedOut('line', `${question} ${of ?? ''}`, input, isLong ? null : lineOf);
  if (!('answer' in found)) return <Words tone="soft">Looking up what it is made of…</Words>;
  if (!found.answer) return null;
  return <Rows told={found.answer} uncategorised={asked.by === 'category' && of === null} />;
}

/** What became of the plan of a line, in a sentence; nothing where all went as planned. */
function planWords({ planned, notStarted, unplanned, over, under }: LedgerSums): string {
  const told = [
    notStarted > 0 ? `${durationWords(notStarted)} of ${durationWords(planned)} never begun` : '',
    unplanned > 0 ? `${durationWords(unplanned)} unplanned` : '',
    over > 0 ? `${durationWords(over)} over` : '',
    under > 0 ? `${durationWords(under)} under` : '',
  ].filter(Boolean);
  return told.length === 0 ? '' : `${asLine(told.join(', '))}.`;
}

/** What a line is made of, day by day; each leads to its entries, where they are corrected. */
function Rows({
  told: { rows, count, sums, ends },
  uncategorised,
}: {
  told: LineTold;
  uncategorised: boolean;
}) {
  const { settings } = useWorkspace();
  const [all, setAll] = useState(false);
  const shown = all ? rows : rows.slice(0, SHOWN);
  const longest = Math.max(1, ...rows.flatMap(({ planned, actual }) => [planned, actual]));
  const words = [planWords(sums), endsWords(ends)].filter(Boolean).join(' ');
  return (
    <View role="group" aria-label="What it is made of" className="gap-1 pl-4 pt-2">
      {words !== '' && <Words>{words}</Words>}
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
      {rows.length > shown.length && (
        <Button label={`Show ${rows.length - shown.length} more`} kind="quiet" onPress={() => setAll(true)} />
      )}
      {all && count > rows.length && (
        <Words tone="soft">
          and {count - rows.length} more; a shorter stretch shows them, and all go out as a file
        </Words>
      )}
    </View>
  );
}
