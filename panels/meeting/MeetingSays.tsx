import { useState } from 'react';
import { Linking, View } from 'react-native';
import { joinings } from '@/core/calendar/joining';
import { shortened } from '@/core/model/bounds';
import type { Attendee, EventDetails } from '@/core/model/event';
import { knownPeople } from '@/core/people/known';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { openPanel } from '@/ui/panels';
import { Words } from '@/ui/Words';
import { ReadNotes } from '../parts/Notes';

const answers: Record<Attendee['answer'], string> = {
  yes: 'comes',
  no: 'does not come',
  maybe: 'may come',
  none: 'has not answered',
};
const MOST_SHOWN = 50;

/** Notes are shown so far, in characters, until all of them are asked for. */
const SHOWN_AT_FIRST = 2000;

/** Where an address leads, in short. */
function placeOf(uri: string): string {
  try {
    const { host, pathname } = new URL(uri);
    return host || pathname;
  } catch {
    return uri;
  }
}

type Props = {
  details: EventDetails;
  /** Keeps other notes; those of one’s own events are Markdown, a file may hold anything. */
  onNotes?: (notes: string) => boolean;
};

/** What the calendar says of a meeting beyond its hours: how to join, notes, who comes. */
export function MeetingSays({ details, onNotes }: Props) {
  const { notes, attendees } = details;
  const calls = joinings(details);
  if (calls.length === 0 && notes === '' && attendees.length === 0) return null;
  return (
    <View className="gap-4">
      {calls.length > 0 && (
        <View className="gap-2">
          {calls.map(({ uri, label }) => (
            <View key={uri} className="flex-row flex-wrap items-center gap-x-3 gap-y-1">
              <Button
                label={label ? `Join: ${label}` : 'Join the call'}
                onPress={() => void Linking.openURL(uri)}
              />
              <Words size="xs" tone="soft">
                {placeOf(uri)}
              </Words>
            </View>
          ))}
        </View>
      )}
      {notes !== '' && (onNotes ? <ReadNotes text={notes} onSave={onNotes} /> : <PlainNotes text={notes} />)}
      {attendees.length > 0 && (
        <View className="gap-1">
          <Words face="strong">{attendees.length === 1 ? '1 person' : `${attendees.length} people`}</Words>
          {attendees.slice(0, MOST_SHOWN).map((attendee, i) => (
            <Comes key={i} attendee={attendee} />
          ))}
          {attendees.length > MOST_SHOWN && (
            <Words tone="soft">and {attendees.length - MOST_SHOWN} more</Words>
          )}
        </View>
      )}
    </View>
  );
}

/** Somebody who is asked to come, what they answered, and the way to what is known of them. */
function Comes({ attendee: { name, address, answer } }: { attendee: Attendee }) {
  const known = knownPeople(useWorkspace()).by(address);
  return (
    <View className="flex-row flex-wrap items-center gap-x-2">
      {known ? (
        <Button
          label={known.name}
          says={`${known.name}: who they are`}
          kind="quiet"
          onPress={() => openPanel({ kind: 'person', address })}
        />
      ) : (
        <Words>{name}</Words>
      )}
      <Words tone="soft">{answers[answer]}</Words>
    </View>
  );
}

/** Notes as a file has them, their beginning until all is asked for. */
function PlainNotes({ text }: { text: string }) {
  const [whole, setWhole] = useState(false);
  return (
    <>
      <Words>{whole ? text : shortened(text, SHOWN_AT_FIRST)}</Words>
      {!whole && text.length > SHOWN_AT_FIRST && (
        <View className="flex-row">
          <Button label="Show all of it" kind="quiet" onPress={() => setWhole(true)} />
        </View>
      )}
    </>
  );
}
