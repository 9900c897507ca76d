import { Linking, View } from 'react-native';
import type { Attendee, EventDetails } from '@/core/model/event';
import { Button } from '@/ui/Button';
import { Words } from '@/ui/Words';

const answers: Record<Attendee['answer'], string> = {
  yes: 'comes',
  no: 'does not come',
  maybe: 'may come',
  none: 'has not answered',
};
const MOST_SHOWN = 50;

/** Only addresses that open a page or a call; a file could hold any. */
const isSafe = (uri: string) => /^(https?|tel|sip|sips|mailto):/i.test(uri);

/** What the calendar says of a meeting beyond its hours: how to join, notes, who comes. */
export function MeetingSays({ details }: { details: EventDetails }) {
  const { notes, attendees } = details;
  const calls = details.calls.filter(({ uri }) => isSafe(uri));
  if (calls.length === 0 && notes === '' && attendees.length === 0) return null;
  return (
    <View className="gap-4">
      {calls.length > 0 && (
        <View className="flex-row flex-wrap gap-2">
          {calls.map(({ uri, label }) => (
            <Button
              key={uri}
              label={label ? `Join: ${label}` : 'Join the call'}
              onPress={() => void Linking.openURL(uri)}
            />
          ))}
        </View>
      )}
      {notes !== '' && <Words>{notes}</Words>}
      {attendees.length > 0 && (
        <View className="gap-1">
          <Words face="strong">{attendees.length === 1 ? '1 person' : `${attendees.length} people`}</Words>
          {attendees.slice(0, MOST_SHOWN).map(({ name, answer }, i) => (
            <View key={i} className="flex-row flex-wrap gap-x-2">
              <Words>{name}</Words>
              <Words tone="soft">{answers[answer]}</Words>
            </View>
          ))}
          {attendees.length > MOST_SHOWN && (
            <Words tone="soft">and {attendees.length - MOST_SHOWN} more</Words>
          )}
        </View>
      )}
    </View>
  );
}
