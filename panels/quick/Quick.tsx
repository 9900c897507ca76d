import { useEffect, useRef, useState } from 'react';
import { TextInput, View } from 'react-native';
import { openTaskText } from '@/actions/files/files';
import { judgeLine } from '@/core/capture/quickTask';
import { readTaskText, type TaskText } from '@/core/formats/taskText';
import type { Id } from '@/core/model/common';
import { bounds } from '@/core/model/bounds';
import { judge } from '@/core/plan/judge';
import { numberWords } from '@/core/plan/routines';
import { useWorkspace } from '@/state/shown';
import { Findings } from '@/board/Findings';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useMoment } from '@/ui/clock';
import { keyPressed } from '@/ui/dom';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { LineSays } from './LineSays';
import { Many } from './Many';
import { TableOfTasks } from './TableOfTasks';
import { UsualLength } from './UsualLength';
import { useLine } from './useLine';
import { eventWords, layWords, madeWords } from './quickWords';

/** A text of so many characters is read away from the interface. */
const LONG = 200_000;

/** One typed line becomes a task, with its block or its place in a tray, or an event; it stays open for the next one. */
function Quick({ text: given = '', read: givenRead, notes: givenNotes = '', home }: Panels['quick']) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { settings } = workspace;
  const typed = useLine('Quick line', home);
  const { reader, text, line, quick, time, kind, ready, notes, type, make } = typed;
  const field = useRef<TextInput>(null);
  const [several, setSeveral] = useState<TaskText | undefined>();
  const show = (read: TaskText) => (read.kind === 'line' ? type(read.line) : setSeveral(read));
  const take = (pasted: string) => {
    if (pasted.length > LONG) void openTaskText('What was pasted', pasted);
    else show(readTaskText(pasted, reader.now, zone));
  };
  const [taken, setTaken] = useState('');
  if (given !== taken) {
    setTaken(given);
    take(given);
    if (givenNotes !== '') typed.setNotes(givenNotes);
  }
  const [takenRead, setTakenRead] = useState<TaskText | undefined>();
  if (givenRead && givenRead !== takenRead) {
    setTakenRead(givenRead);
    show(givenRead);
  }
  useEffect(() => {
    if (!several) field.current?.focus();
  }, [several]);
  const findings =
    kind === 'task' && !typed.counts && !typed.day
      ? judgeLine(workspace, quick, zone)
      : time?.kind === 'hours'
        ? judge(workspace, { what: { kind: 'newEvent' }, to: time }, { zone })
        : [];
  const done = () => setSeveral(undefined);
  if (several?.kind === 'table') return <TableOfTasks table={several.table} onDone={done} />;
  if (several?.kind === 'several')
    return <Many pasted={several.tasks} reader={reader} home={home} onDone={done} />;
  const of = settings.routines.counted.find(({ id }) => id === typed.counts?.of);
  const counted =
    of && typed.counts && `Counts for today: ${of.name}, ${numberWords(of, typed.counts.value)}.`;
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
          if (shiftKey) typed.setNotes(notes ?? quick.task.notes);
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
      {kind !== 'scratch' && !counted && <LineSays typed={typed} field={field} />}
      {kind === 'task' && !counted && !typed.day && line.title !== '' && (
        <UsualLength typed={typed} onTaken={() => field.current?.focus()} />
      )}
      {kind === 'task' && !typed.day && line.title !== '' && quick.task.estimate !== null && (
        <View className="-ml-3 flex-row">
          <Button
            label="Can I take it on?"
            kind="quiet"
            onPress={() =>
              openPanel({
                kind: 'promise',
                title: quick.task.title,
                minutes: quick.task.estimate ?? 0,
                due: quick.task.due,
              })
            }
          />
        </View>
      )}
      <View aria-live="polite" className="gap-1">
        {text.trim() === '' ? (
          <Words size="xs" tone="soft">
            In plain words, in any order: a day and an hour, a length, “by Friday”, “urgent”, “in” a list,
            “for” a goal, “every Monday”. Several lines can be pasted at once. Shift and Enter go on to notes,
            Alt and Enter make an event of it, Ctrl and Enter a scratch note, the arrow up brings back the
            last line.
          </Words>
        ) : titleMissing ? (
          <Words tone="brick">A title is missing: what shall be done?</Words>
        ) : counted && kind === 'task' ? (
          <Words>{counted}</Words>
        ) : typed.day && kind === 'task' ? (
          <Words>{layWords(typed.day, workspace)}</Words>
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
    /**
     * With text that came from elsewhere, which is taken as if it were pasted, or what was read of a file; `home` is the
     * list that is being added to.
     */
    quick: {
      readonly text?: string;
      readonly read?: TaskText;
      readonly notes?: string;
      readonly home?: Id | undefined;
    };
  }
}

export const quick: Panel<Panels['quick']> = { useTitle: () => 'Quick line', Content: Quick };
