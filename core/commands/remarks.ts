import type { Occurrence } from '../calendar/occurrences';
import { command, put, without } from './command';

/** Notes something of one's own about a meeting, in place of what was noted before; nothing takes the note away. */
export const noteOn = command(
  'note',
  (workspace, { meeting, text }: { meeting: Occurrence; text: string }) => {
    const { id, eventId, recurrence, title, from } = meeting;
    return text === ''
      ? without(workspace, 'remarks', [id])
      : put(workspace, 'remarks', { id, eventId, recurrence, title, from, text });
  },
);
