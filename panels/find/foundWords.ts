import type { Found } from '@/core/find/where';
import type { Workspace } from '@/core/model/workspace';
import { clockWords, dateWords, dayMonthWords } from '@/core/time/words';
import type { Zone } from '@/core/time/zone';

/** What was found is, and where it lies, in a few words. */
export function foundWords(thing: Found, { lists, settings }: Workspace, zone: Zone): string {
  const words = (): (string | undefined)[] => {
    switch (thing.kind) {
      case 'task': {
        const { inbox, listId, doneAt, parked } = thing.task;
        return [
          inbox ? 'Inbox' : lists.get(listId)?.name,
          doneAt === null ? '' : 'done',
          parked ? 'parked' : '',
          thing.date === null ? 'no place yet' : dateWords(thing.date, settings),
        ];
      }
      case 'event': {
        const { from, allDay } = thing.event;
        return [
          'Event',
          dateWords(thing.date, settings),
          allDay ? '' : clockWords(from, zone, settings.clock),
        ];
      }
      case 'note':
        return ['Day note', dateWords(thing.date, settings)];
      case 'goal':
        return ['Goal', `week of ${dayMonthWords(thing.date, settings)}`];
      case 'week':
        return ['Weekly review', `week of ${dayMonthWords(thing.date, settings)}`];
      case 'intention':
        return ['Intention', dateWords(thing.date, settings)];
    }
  };
  return words().filter(Boolean).join(' · ');
}
