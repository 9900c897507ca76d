import { View } from 'react-native';
import { release, take } from '@/actions/outside/freeTimes';
import { occurrenceAt } from '@/core/calendar/occurrences';
import { heldTimes } from '@/core/commands/holds';
import type { CalendarEvent } from '@/core/model/event';
import { lengthOf } from '@/core/time/span';
import { distanceWords, spanWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Heading, Words } from '@/ui/Words';

/** The times that are held for somebody: each is taken, or all of them are let go. */
export function Held() {
  const workspace = useWorkspace();
  const held = heldTimes(workspace);
  if (held.length === 0) return null;
  const givings = Map.groupBy(held, ({ held: of }) => of?.giving ?? '');
  return (
    <View className="gap-3 border-t border-line pt-3">
      {[...givings].map(([giving, events]) => (
        <Given key={giving} events={events} />
      ))}
    </View>
  );
}

function Given({ events }: { events: readonly CalendarEvent[] }) {
  const { zone, now } = useMoment();
  const { settings: style } = useWorkspace();
  const [first] = events;
  if (!first?.held) return null;
  const times = events
    .map((event) => ({ event, span: occurrenceAt(event, event.start.wall, zone) }))
    .sort((a, b) => a.span.from - b.span.from);
  return (
    <View className="gap-2">
      <Heading level={2}>{first.title}</Heading>
      <Words size="xs" tone="soft">
        For {distanceWords(Math.max(0, first.held.until - now))} more.
      </Words>
      {times.map(({ event, span }) => (
        <View key={event.id} className="flex-row flex-wrap items-center justify-between gap-x-3">
          <Words>{spanWords(span, zone, style)}</Words>
          <Button
            label="They take it"
            says={`They take it: ${spanWords(span, zone, style)}`}
            kind="quiet"
            onPress={() => take(event.id, event.title.replace(/^Held for /, 'With '), lengthOf(span))}
          />
        </View>
      ))}
      <View className="flex-row">
        <Button
          label="Let them go"
          says={`Let them go: ${first.title}`}
          onPress={() => release(events.map(({ id }) => id))}
        />
      </View>
    </View>
  );
}
