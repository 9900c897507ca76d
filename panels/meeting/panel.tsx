import type { Occurrence } from '@/core/calendar/occurrences';
import type { Panel, Panels } from '@/ui/panels';
import { MeetingDetails } from './MeetingDetails';

declare module '@/ui/panels' {
  interface Panels {
    meeting: { readonly meeting: Occurrence };
  }
}

export const meeting: Panel<Panels['meeting']> = {
  useTitle: (opened) => opened.meeting.title,
  Content: (opened) => <MeetingDetails key={opened.meeting.id} {...opened} />,
};
