import { useEffect, useRef, useState } from 'react';
import { TextInput, View } from 'react-native';
import { judgeLine } from '@/core/capture/quickTask';
import { pastedTasks, type Pasted } from '@/core/capture/pasted';
import { readTaskTable, type TaskTable } from '@/core/formats/csvTasks';
import type { Id } from '@/core/model/common';
import { bounds, shortened } from '@/core/model/bounds';
import { judge } from '@/core/plan/judge';
import { useWorkspace } from '@/state/shown';
import { Findings } from '@/board/Findings';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { keyPressed } from '@/ui/dom';
import type { Panel, Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { LineSays } from './LineSays';
import { Many } from './Many';
import { TableOfTasks } from './TableOfTasks';
import { useLine } from './useLine';
import { eventWords, madeWords } from './quickWords';

/** One typed line becomes a task, with its block or its place in a tray, or an event; it stays open for the next one. */
function Quick({ text: given = '', notes: givenNotes = '', home }: Panels['quick']) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const typed = useLine('Quick line', home);
  const { reader, text, line, quick, time, kind, ready, notes, type, make } = typed;
  const field = useRef<TextInput>(null);
  const [many, setMany] = useState<readonly Pasted[]>([]);
  const [table, setTable] = useState<TaskTable | null>(null);
  const take = (pasted: string) => {
    const isLine = !pasted.trim().includes('\n');
    const rows = isLine ? undefined : readTaskTable(pasted, reader.now, zone);
    const tasks = isLine ? [] : pastedTasks(pasted);
    const [only] = tasks;
    if (rows) setTable(rows);
    else if (tasks.length > 1 || (only && (only.steps.length > 0 || only.notes !== ''))) setMany(tasks);
    else type(shortened(pasted.replace(/\s*\n\s*/g, ' '), bounds.title));
  };
  const [taken, setTaken] = useState('');
  if (given !== taken) {
    setTaken(given);
    take(given);
    if (givenNotes !== '') typed.setNotes(givenNotes);
  }
  useEffect(() => {
    if (many.length === 0 && !table) field.current?.focus();
  }, [many, table]);
  const findings =
    kind === 'task'
      ? judgeLine(workspace, quick, zone)
      : time?.kind === 'hours'
        ? judge(workspace, { what: { kind: 'newEvent' }, to: time }, { zone })
        : [];
  if (table) return <TableOfTasks table={table} onDone={() => setTable(null)} />;
  if (many.length > 0) return <Many pasted={many} reader={reader} home={home} onDone={() => setMany([])} />;
  const titleMissing = kind !== 'scratch' && typed.isUntitled;
  return (
    <View className="gap-3">
      <TextInput
        ref={field}
        aria-label="Quick line"
        aria-invalid={titleMissing}
        multiline
        numberOfLines={2}
        placeholder="Read the gauges Thu 14:30 45m in Field surveys"
        placeholderTextColor="var(--ink-soft)"
        value={text}
        onChangeText={take}
        onKeyPress={(event) => {
          const { key, shiftKey, ctrlKey, altKey } = keyPressed(event);
          if (key === 'ArrowUp' && text === '') typed.bringBack();
          if (key !== 'Enter') return;
          // it is one line, however many it takes to show
          event.preventDefault();
          if (shiftKey) typed.setNotes(notes ?? '');
          else make(ctrlKey ? 'scratch' : altKey ? 'event' : kind);
        }}
        className="rounded-lg border border-ink-soft bg-surface px-3 py-2.5 font-text text-base text-ink"
      />
      {notes !== null && (
        <TextInput
          aria-label="Notes"
          autoFocus
          multiline
          numberOfLines={3}
          placeholder="Notes"
          placeholderTextColor="var(--ink-soft)"
          maxLength={bounds.notes}
          value={notes}
          onChangeText={typed.setNotes}
          className="rounded-lg border border-field bg-surface px-3 py-2.5 font-text text-base text-ink"
        />
      )}
      {kind !== 'scratch' && <LineSays typed={typed} field={field} />}
      <View aria-live="polite" className="gap-1">
        {text.trim() === '' ? (
          <Words size="xs" tone="soft">
            In plain words, in any order: a day and an hour, a length, “by Friday”, “urgent”, “in” a list,
            “every Monday”. Several lines can be pasted at once. Shift and Enter go on to notes, Alt and Enter
            make an event of it, Ctrl and Enter a scratch note, the arrow up brings back the last line.
          </Words>
        ) : titleMissing ? (
          <Words tone="brick">A title is missing: what shall be done?</Words>
        ) : kind === 'scratch' ? (
          <Words>Noted as it stands, to be seen to in Today.</Words>
        ) : (
          <>
            <Words>
              {kind === 'event' ? eventWords(line, time, workspace, zone) : madeWords(quick, workspace, zone)}
            </Words>
            <Findings findings={findings} />
          </>
        )}
      </View>
      <View className="flex-row flex-wrap items-end justify-between gap-2">
        <Choice
          label="Make it"
          hideLabel
          value={kind}
          onChoose={typed.setKind}
          options={[
            { value: 'task', name: 'A task' },
            { value: 'event', name: 'An event' },
            { value: 'scratch', name: 'A scratch note' },
          ]}
        />
        <Button
          label="Add"
          says="Add what the line says"
          kind="primary"
          disabled={!ready}
          onPress={() => {
            make();
            field.current?.focus();
          }}
        />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** With text that came from elsewhere, which is taken as if it were pasted; `home` is the list that is being added to. */
    quick: { readonly text?: string; readonly notes?: string; readonly home?: Id | undefined };
  }
}

export const quick: Panel<Panels['quick']> = { useTitle: () => 'Quick line', Content: Quick };
