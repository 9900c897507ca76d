import { useState } from 'react';
import { View } from 'react-native';
import { planNewTask } from '@/core/commands/plan';
import { occurrenceAt } from '@/core/calendar/occurrences';
import { ownCalendars } from '@/core/model/event';
import { firstList } from '@/core/model/workspace';
import { judge } from '@/core/plan/judge';
import { newTask } from '@/core/tasks/newTask';
import { inRank } from '@/core/tasks/order';
import { MINUTE } from '@/core/time/span';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf, instantOf, wallOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { kept } from '@/state/kept';
import { useWorkspace } from '@/state/shown';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';
import { useMoment } from '@/ui/clock';
import { Findings } from '@/board/Findings';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { draftOf, keepDraft } from '@/ui/drafts';
import { Field } from '@/ui/Field';
import { readDay } from '@/ui/dayReadings';
import { readLength, readTitle, readWords } from '@/ui/readings';
import { closePanel, openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { addEventAt } from '@/actions/events';
import { WithMonth } from '../parts/WithMonth';

/** Title and notes are kept when this is left before it is added. */
const DRAFT = 'New';
const NOTES = 'New, notes';

function forgetDrafts(): void {
  keepDraft(DRAFT, '');
  keepDraft(NOTES, '');
}

const kinds = ['event', 'task', 'group'] as const;
type Kind = (typeof kinds)[number];
const lastKind = kept('sprindle.new');

/** Something new at marked hours: an event, or a task with its block. The hours are those that it was opened with last. */
export function NewEvent({ from: start, minutes }: { from: number; minutes: number }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const [kind, setKind] = useState<Kind>(() => kinds.find((known) => known === lastKind.get()) ?? 'event');
  // they stay marked beside this
  const ask = (hours: { from?: number; minutes?: number }) =>
    openPanel({ kind: 'newEvent', from: start, minutes, ...hours });
  const [title, setTitle] = useState(() => draftOf(DRAFT));
  const [notes, setNotes] = useState(() => draftOf(NOTES));
  const [atNotes, goToNotes] = useState(false);
  const own = ownCalendars(workspace.calendars);
  const [calendarId, setCalendar] = useState(own[0]?.id);
  const clock = (instant: number) => clockWords(instant, zone, workspace.settings.clock);
  const day = dateOf(start, zone);
  const findings = judge(
    workspace,
    {
      what: { kind: kind === 'event' ? 'newEvent' : 'newTask' },
      to: { kind: 'hours', start, minutes },
    },
    { zone },
  );

  const [refusal, setRefusal] = useState<string | null>(null);
  const keep = (typed: string) => {
    setRefusal(null);
    setTitle(typed);
    keepDraft(DRAFT, typed);
  };
  const addBlock = (name: string) => {
    forgetDrafts();
    const [list = firstList] = inRank(workspace.lists);
    const taskId = newId();
    store.run(
      planNewTask,
      {
        task: newTask({
          id: taskId,
          title: name,
          notes,
          listId: list.id,
          estimate: minutes,
          createdAt: here().now,
        }),
        block: { id: newId(), taskId, start, minutes, ...(kind === 'group' ? { holds: [] } : {}) },
      },
      `${name}: ${dateWords(day)} ${clock(start)}, ${durationWords(minutes)}`,
    );
    closePanel();
  };
  const add = (name: string) => {
    if (name === '' && kind === 'group') return addBlock('Small tasks');
    if (name === '') return setRefusal('A title is needed.');
    lastKind.set(kind);
    if (kind !== 'event') return addBlock(name);
    const id = addEventAt({ title: name, notes, start, minutes }, calendarId);
    const event = id && currentWorkspace().events.get(id);
    if (!event) return;
    forgetDrafts();
    openPanel({ kind: 'meeting', meeting: occurrenceAt(event, event.start.wall, zone) });
  };
  return (
    <View className="gap-4">
      <Choice
        label="What"
        hideLabel
        value={kind}
        onChoose={setKind}
        options={[
          { value: 'event', name: 'An event' },
          { value: 'task', name: 'A task and its block' },
          { value: 'group', name: 'A block for small tasks' },
        ]}
      />
      <Field
        label="Title"
        text={title}
        focusFirst
        refusal={refusal}
        read={readTitle}
        onSave={keep}
        onEnter={add}
        onShiftEnter={() => goToNotes(true)}
      />
      <Field
        label="Notes"
        text={notes}
        multiline
        focusFirst={atNotes}
        read={readWords}
        onSave={(typed) => {
          setNotes(typed);
          keepDraft(NOTES, typed);
        }}
      />
      <WithMonth
        of="Start"
        chosen={day}
        onChoose={(date) => ask({ from: instantOf(`${date}${wallOf(start, zone).slice(10)}`, zone) })}
      >
        <Field
          label="Starts"
          text={`${dateWords(day)} ${clock(start)}`}
          read={readDay}
          onSave={({ date, time }) => ask({ from: instantOf(`${date}T${time ?? '09:00'}`, zone) })}
        />
      </WithMonth>
      <Field
        label="Length"
        text={durationWords(minutes)}
        read={readLength}
        onSave={(to) => ask({ minutes: to })}
      />
      {kind === 'event' && own.length > 1 && (
        <Choice
          label="Calendar"
          value={calendarId ?? ''}
          onChoose={setCalendar}
          options={own.map(({ id, name }) => ({ value: id, name }))}
        />
      )}
      <Words size="xs" tone="soft">
        Enter in the title adds it, Shift and Enter go to the notes. What you leave stays here.
      </Words>
      <View aria-live="polite">
        <Words tone="soft">
          {clock(start)} – {clock(start + minutes * MINUTE)}
        </Words>
        <Findings findings={findings} />
      </View>
      <View className="flex-row gap-2">
        <Button label="Add" says="Add it" kind="primary" onPress={() => add(title)} />
        <Button
          label="Discard"
          onPress={() => {
            forgetDrafts();
            closePanel();
          }}
        />
      </View>
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** Something new: its start (epoch ms) and its length in minutes. */
    newEvent: { readonly from: number; readonly minutes: number };
  }
}

export const newEvent: Panel<Panels['newEvent']> = { useTitle: () => 'New', Content: NewEvent };
