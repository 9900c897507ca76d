import { peopleText, readPeople } from '@/core/capture/people';
import type { Attendee } from '@/core/model/event';
import { LeadsField } from '@/board/LeadsField';
import { useWorkspace } from '@/state/shown';
import { Field, type Reading } from '@/ui/Field';
import { quoted, readWords } from '@/ui/readings';
import { CallField } from '../parts/CallField';
import { Notes } from '../parts/Notes';
import { HoursPart } from './HoursPart';
import type { Editing } from './editing';

/** A meeting of a kind: its hours, its place, how to join it, and when one is reminded of it. */
export function MeetingPart({ template, edit }: Editing) {
  const { settings } = useWorkspace();
  const { meeting, notes = '' } = template;
  if (!meeting) return null;
  const { location, calls, attendees, leads } = meeting;
  const set = (changes: Partial<typeof meeting>) => edit({ meeting: { ...meeting, ...changes } });
  return (
    <>
      <HoursPart template={template} edit={edit} />
      <Field label="Place" wraps text={location} read={readWords} onSave={(to) => set({ location: to })} />
      <CallField calls={calls} onSave={(to) => set({ calls: to })} />
      <Field
        label="People"
        wraps
        text={peopleText(attendees)}
        placeholder="Ines Ward <ines@trust.example>"
        read={readInto(attendees)}
        onSave={(to) => set({ attendees: to })}
      />
      <Notes text={notes} onSave={(to) => edit({ notes: to === '' ? undefined : to })} />
      <LeadsField
        label="Remind me before"
        leads={leads}
        otherwise={settings.reminders.meetings}
        onSave={(to) => set({ leads: to })}
      />
    </>
  );
}

const readInto =
  (known: readonly Attendee[]) =>
  (typed: string): Reading<Attendee[]> => {
    const read = readPeople(typed, known);
    return 'people' in read
      ? { value: read.people }
      : { problem: `${quoted(read.unread)} has no address. Try Ines Ward <ines@trust.example>.` };
  };
