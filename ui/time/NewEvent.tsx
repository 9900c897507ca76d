import { useState } from 'react';
import { View } from 'react-native';
import { planNewTask } from '@/core/commands/plan';
import { occurrenceAt } from '@/core/calendar/occurrences';
import { firstList } from '@/core/model/workspace';
import { MINUTE } from '@/core/time/span';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf, instantOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { newId, store, useWorkspace } from '@/state/workspaceStore';
import { Button } from '../Button';
import { Choice } from '../Choice';
import { Field } from '../Field';
import { readDay, readLength, readTitle } from '../readings';
import { closeSheet, openSheet } from '../sheets';
import { Words } from '../Words';
import { addEventAt, ownCalendars } from './eventActions';

/** Something new at marked hours: an event, or a task with its block. */
export function NewEvent({ from, length }: { from: number; length: number }) {
  const { settings, lists } = useWorkspace();
  const [kind, setKind] = useState<'event' | 'task' | 'group'>('event');
  const [start, setStart] = useState(from);
  const [minutes, setMinutes] = useState(length);
  const [title, setTitle] = useState('');
  const own = ownCalendars(useWorkspace());
  const [calendarId, setCalendar] = useState(own[0]?.id);
  const clock = (instant: number) => clockWords(instant, session.zone, settings.clock);
  const day = dateOf(start, session.zone);

  const addBlock = (name: string) => {
    const [list = firstList] = lists.values().sort((a, b) => a.rank - b.rank);
    const taskId = newId();
    const createdAt = session.now();
    const plain = { notes: '', priority: 'normal', due: null, doneAt: null } as const;
    store.run(
      planNewTask,
      {
        task: { id: taskId, title: name, listId: list.id, estimate: minutes, createdAt, ...plain },
        block: { id: newId(), taskId, start, minutes, ...(kind === 'group' ? { holds: [] } : {}) },
      },
      `${name}: ${dateWords(day)} ${clock(start)}, ${durationWords(minutes)}`,
    );
    closeSheet();
  };
  const add = (name: string) => {
    if (name === '' && kind === 'group') return addBlock('Small tasks');
    if (name === '') return store.say('A title is needed.', 'problem');
    if (kind !== 'event') return addBlock(name);
    const id = addEventAt(name, start, minutes, calendarId);
    const event = id && store.getState().workspace.events.get(id);
    if (!event) return;
    openSheet({ kind: 'meeting', meeting: occurrenceAt(event, event.start.wall, session.zone) });
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
      <Field label="Title" text={title} focusFirst read={readTitle} onSave={setTitle} />
      <Field
        label="Starts"
        text={`${dateWords(day)} ${clock(start)}`}
        read={readDay}
        onSave={({ date, time }) => setStart(instantOf(`${date}T${time ?? '09:00'}`, session.zone))}
      />
      <Field label="Length" text={durationWords(minutes)} read={readLength} onSave={setMinutes} />
      {kind === 'event' && own.length > 1 && (
        <Choice
          label="Calendar"
          value={calendarId ?? ''}
          onChoose={setCalendar}
          options={own.map(({ id, name }) => ({ value: id, name }))}
        />
      )}
      <Words tone="soft">
        {clock(start)} – {clock(start + minutes * MINUTE)}
      </Words>
      <View className="flex-row gap-2">
        <Button label="Add" says="Add it" kind="primary" onPress={() => add(title)} />
        <Button label="Not now" onPress={closeSheet} />
      </View>
    </View>
  );
}
