import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { timesheetTable } from '@/core/formats/reviewTables';
import type { ReviewAsked } from '@/core/review/asked';
import { steps, type TimesheetOf } from '@/core/review/timesheet';
import { durationWords, stretchWords } from '@/core/time/words';
import { Formats } from '@/panels/parts/Formats';
import { useWorkspace } from '@/state/shown';
import { CheckBox } from '@/ui/CheckBox';
import { Choice } from '@/ui/Choice';
import type { Panels } from '@/ui/panels';
import { Part } from '@/ui/Screen';
import { Words } from '@/ui/Words';
import { useWorkedOut } from '@/ui/useWorkedOut';

/** What Review shows as a file or as text, and a timesheet of the same stretch. */
export function TakeOut({ asked, title, table }: Panels['reviewOut']) {
  return (
    <View className="gap-4">
      <View className="gap-2">
        <Words>
          {title}, as it is shown: {table.lines.length} lines and their sum.
        </Words>
        <Formats title={title} table={table} />
      </View>
      <TimesheetPart review={asked} />
    </View>
  );
}

/** So many lines of a timesheet are shown before it goes out. */
const SHOWN = 40;

/** A timesheet: what was recorded, by list or by task, rounded so that all sums still add up. */
function TimesheetPart({ review }: { review: ReviewAsked }) {
  const workspace = useWorkspace();
  const [asked, setAsked] = useState<TimesheetOf>({ by: 'list', step: 15, listId: null });
  const [withNotes, setNotes] = useState(false);
  const input = useMemo(() => ({ ...review, of: asked }), [review, asked]);
  const found = useWorkedOut('sheet', 'sheet', input);
  if (!('answer' in found)) return <Words tone="soft">Adding up the timesheet…</Words>;
  const { sheet, listIds } = found.answer;
  const lists = listIds.flatMap((id) => workspace.lists.get(id) ?? []);
  return (
    <Part title="A timesheet">
      <Choice
        label="A line for each"
        value={asked.by}
        onChoose={(by) => setAsked({ ...asked, by })}
        options={[
          { value: 'list', name: 'List' },
          { value: 'task', name: 'Task or meeting' },
        ]}
      />
      <Choice
        label="Rounded to minutes"
        value={`${asked.step}`}
        onChoose={(step) => setAsked({ ...asked, step: Number(step) })}
        options={steps.map((step) => ({ value: `${step}`, name: `${step}` }))}
      />
      <Choice
        label="Of"
        value={asked.listId ?? ''}
        onChoose={(listId) => setAsked({ ...asked, listId: listId || null })}
        options={[{ value: '', name: 'All' }, ...lists.map(({ id, name }) => ({ value: id, name }))]}
      />
      <CheckBox
        checked={withNotes}
        onToggle={() => setNotes(!withNotes)}
        label="With what the time went to"
      />
      <View role="group" aria-label="The timesheet so far" className="border-t border-line">
        {sheet.lines.slice(0, SHOWN).map(({ name, total }, i) => (
          <SumLine key={i} name={name} minutes={total} />
        ))}
        {sheet.lines.length > SHOWN && (
          <Words tone="soft">and {sheet.lines.length - SHOWN} more lines, which go out too</Words>
        )}
        <SumLine name="Together" minutes={sheet.total} />
      </View>
      <Formats
        title={`Timesheet, ${stretchWords(review.stretch, workspace.settings)}`}
        table={timesheetTable(sheet, withNotes)}
      />
    </Part>
  );
}

const SumLine = ({ name, minutes }: { name: string; minutes: number }) => (
  <View className="flex-row justify-between gap-3 border-b border-line py-1.5">
    <View className="flex-1">
      <Words face={name === 'Together' ? 'strong' : 'text'}>{name}</Words>
    </View>
    <Words face={name === 'Together' ? 'strong' : 'text'}>{durationWords(minutes)}</Words>
  </View>
);
