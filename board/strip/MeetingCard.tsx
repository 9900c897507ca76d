import { View } from 'react-native';
import type { Occurrence } from '@/core/calendar/occurrences';
import { hueOfEvent } from '@/core/plan/lens';
import { clockWords } from '@/core/time/words';
import { lengthOf } from '@/core/time/span';
import { dateOf } from '@/core/time/zone';
import { subjectOfMeeting } from '@/core/track/spent';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { movingEvent } from '../drag/dragStore';
import { useDragItem } from '../drag/useDragItem';
import { openPanel } from '@/ui/panels';
import { join } from '@/actions/joining';
import { duplicateEvent, removeAsking } from '@/actions/events';
import { cardId } from '../drag/drop';
import { keys } from '../keyTable';
import { timeKeys } from '../taskParts';
import { JoinButton } from '../JoinButton';
import { useDrift } from '../seal/useDrift';
import { Words } from '@/ui/Words';
import {
  BUTTONS,
  ONE_LINE,
  placeOf,
  ResizeHandle,
  roomForHandle,
  Title,
  TWO_LINES,
  type Box,
} from './cardParts';

/** A meeting: outlined, one cut corner, fixed. */
export function MeetingCard({ meeting, box }: { meeting: Occurrence; box: Box }) {
  const { zone } = useMoment();
  const workspace = useWorkspace();
  const { settings, calendars } = workspace;
  const calendar = calendars.get(meeting.calendarId);
  const others = calendar?.around ? calendar.name : '';
  const clock = (instant: number) => clockWords(instant, zone, settings.clock);
  const hours = `${clock(meeting.from)} – ${clock(meeting.to)}`;
  const whose = others || (meeting.busy ? '' : 'free');
  const facts = box.narrow ? whose : [hours, whose, meeting.location].filter(Boolean).join(' · ');
  const open = () => openPanel({ kind: 'meeting', meeting });
  const dragged = movingEvent(meeting);
  const date = dateOf(meeting.from, zone);
  const drift = useDrift('meeting', meeting.id, date);
  const { props, lifted } = useDragItem(dragged, date, open, {
    ...timeKeys(subjectOfMeeting(meeting), date),
    [keys.onAThing.again]: () => duplicateEvent(meeting),
    [keys.onAThing.join]: () => join(meeting),
    [keys.onAThing.off]: () => void removeAsking(meeting),
  });
  return (
    <View
      {...props}
      id={cardId(meeting.id)}
      aria-label={[`Meeting ${meeting.title}`, hours, calendar?.name, drift?.words]
        .filter(Boolean)
        .join(', ')}
      className={`hue-${hueOfEvent(meeting, workspace)} cut-corner absolute cursor-grab touch-manipulation select-none ${lifted ? 'opacity-50' : ''} ${box.height < ONE_LINE ? 'overflow-hidden' : ''} border bg-surface ${box.narrow ? 'px-1' : 'px-2.5'} ${roomForHandle(box)} ${meeting.busy ? 'border-edge' : 'border-dashed border-edge'} ${box.height < 30 ? 'justify-center' : 'py-1'}`}
      style={placeOf(box)}
    >
      <Title
        box={box}
        minutes={Math.round(lengthOf(meeting))}
        face={others ? 'text' : 'strong'}
        drift={drift?.change}
      >
        {meeting.title}
      </Title>
      {box.height >= TWO_LINES && !box.sliver && facts !== '' && (
        <Words size="xs" tone="soft" numberOfLines={1}>
          {facts}
        </Words>
      )}
      {box.height >= 44 && box.pixels >= BUTTONS && !box.narrow && (
        <View className="absolute right-2 top-0">
          <JoinButton meeting={meeting} small />
        </View>
      )}
      <ResizeHandle dragged={dragged} box={box} />
    </View>
  );
}
