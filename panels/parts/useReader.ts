import { useMemo } from 'react';
import { comingMeetings } from '@/core/calendar/layers';
import type { Reader } from '@/core/capture/chip';
import { dayHoursOf } from '@/core/frame/dayHours';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** How many days ahead meetings are known by name. */
const MEETING_DAYS = 28;

/** What typed text is read by: what there is, the meetings that come, the hours of the person's day. */
export function useReader(): Reader {
  const { zone, now, today } = useMoment();
  const workspace = useWorkspace();
  const meetings = useMemo(() => comingMeetings(workspace, MEETING_DAYS, zone, now), [workspace, zone, now]);
  const hours = useMemo(() => dayHoursOf(workspace, today), [workspace, today]);
  return { workspace, meetings, now, zone, hours };
}
