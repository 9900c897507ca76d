import { isAsked } from '../calendar/attendees';
import { readPeople } from '../capture/people';
import { derivedByPart } from '../model/collection';
import type { CalendarEvent } from '../model/event';
import type { Message } from '../model/message';
import { rememberedPer } from '../model/remember';
import type { Workspace } from '../model/workspace';
import { joined, type Seen } from './joined';

/** So much is told of people, each once with how often. */
function counted(all: Iterable<{ readonly name: string; readonly address: string }>): Seen[] {
  const seen = new Map<string, Seen>();
  for (const { name, address } of all) {
    const key = `${name}\n${address}`;
    seen.set(key, { name, address, times: (seen.get(key)?.times ?? 0) + 1 });
  }
  return [...seen.values()];
}

const inEvents = derivedByPart<CalendarEvent, Seen[]>((events) =>
  counted([...events].flatMap(({ attendees }) => attendees.filter(isAsked))),
);

/** Who wrote a message, as far as it tells an address. */
const writerOf = ({ from }: Message) => {
  const read = readPeople(from, []);
  return 'people' in read ? read.people : [];
};
const inMessages = derivedByPart<Message, Seen[]>((messages) => counted([...messages].flatMap(writerOf)));

/** All whom one knows: from events, from messages, and as one has named them oneself. */
export const knownPeople = rememberedPer(({ persons, events, messages, settings }: Workspace) =>
  joined(persons.values(), [...inEvents(events), ...inMessages(messages)].flat(), settings.addresses),
);
