import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Controller, useWatch } from 'react-hook-form';
import { ownCalendars } from '@/core/model/event';
import { whatFits } from '@/core/plan/freed';
import { judge } from '@/core/plan/judge';
import { pockets } from '@/core/plan/placing';
import { intersect, MINUTE, type Span } from '@/core/time/span';
import { clockWords, durationWords, momentWords } from '@/core/time/words';
import { dateOf, instantOf, sameHourOn } from '@/core/time/zone';
import { spanOfBlock } from '@/core/tasks/places';
import { templateNamed } from '@/core/tasks/templates';
import { kept } from '@/state/kept';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { Findings } from '@/board/Findings';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { FormField, useDraftForm } from '@/ui/form';
import { readDay } from '@/ui/dayReadings';
import { readLength, readName, readWords } from '@/ui/readings';
import { openPanel, type Panel, type Panels } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { FormButtons } from '../parts/FormButtons';
import { WithMonth } from '../parts/WithMonth';
import { templateWords } from '../parts/templateWords';
import { addAtHours, kinds, newForm, type New } from './newForm';

const lastKind = kept('sprindle.new');
const same = (text: string) => text;

/** Something new at marked hours: an event, or a task with its block. The hours are those that it was opened with last. */
export function NewEvent({ from: start, minutes }: Panels['newEvent']) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const own = ownCalendars(workspace.calendars);
  const { control, handleSubmit, discard } = useDraftForm(newForm, {
    kind: kinds.find((known) => known === lastKind.get()) ?? 'event',
    title: '',
    notes: '',
    calendarId: own[0]?.id ?? '',
  });
  const [kind, title] = useWatch({ control, name: ['kind', 'title'] });
  const template = templateNamed(workspace, title);
  const [atNotes, goToNotes] = useState(false);
  // they stay marked beside this
  const ask = (hours: { from?: number; minutes?: number }) =>
    openPanel({ kind: 'newEvent', from: start, minutes, ...hours });
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
  const add = handleSubmit((made: New) => {
    lastKind.set(made.kind);
    if (addAtHours(made, { start, minutes }, zone)) discard();
  });
  const submit = () => void add();
  return (
    <View className="gap-4">
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <Choice
            label="What"
            hideLabel
            value={value}
            onChoose={onChange}
            options={[
              { value: 'event', name: 'An event' },
              { value: 'task', name: 'A task and its block' },
              { value: 'group', name: 'A block for small tasks' },
            ]}
          />
        )}
      />
      <FormField
        control={control}
        name="title"
        label="Title"
        wraps
        text={same}
        focusFirst
        read={readName}
        onEnter={submit}
        onShiftEnter={() => goToNotes(true)}
      />
      <FormField
        control={control}
        name="notes"
        label="Notes"
        text={same}
        multiline
        focusFirst={atNotes}
        read={readWords}
      />
      <WithMonth
        of="Start"
        chosen={day}
        onChoose={(date) => ask({ from: sameHourOn(date, start, zone) })}
        hours={{ chosen: start, onChoose: (from) => ask({ from }) }}
      >
        <Field
          label="Starts"
          text={momentWords(start, zone, workspace.settings)}
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
        <Controller
          control={control}
          name="calendarId"
          render={({ field: { value, onChange } }) => (
            <Choice
              label="Calendar"
              value={value}
              onChoose={onChange}
              options={own.map(({ id, name }) => ({ value: id, name }))}
            />
          )}
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
      {template && (kind === 'event') === (template.meeting !== undefined) && (
        <Words tone="soft">Like its template: {templateWords({ ...template, minutes })}.</Words>
      )}
      <WhatFits span={spanOfBlock({ start, minutes })} />
      <FormButtons label="Add" says="Add it" onSubmit={submit} discard={discard} />
    </View>
  );
}

/** Leads from free hours to the waiting tasks that fit into them, where there are any. */
function WhatFits({ span: { from, to } }: { span: Span }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const free = useMemo(
    () =>
      intersect([{ from, to }], pockets(workspace, dateOf(from, zone), zone, now)).filter(
        (pocket) => whatFits(workspace, pocket, zone, now, 1).length > 0,
      ),
    [workspace, from, to, zone, now],
  );
  if (free.length === 0) return null;
  return (
    <View className="flex-row">
      <Button
        label="Or a task that waits and fits…"
        kind="quiet"
        onPress={() => openPanel({ kind: 'freed', freed: free })}
      />
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
