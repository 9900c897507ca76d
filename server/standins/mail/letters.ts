import { writeMessage } from '../../../core/formats/mail/writeMessage';
import { plainEvent } from '../../../core/model/event';
import type { Who } from '../../../core/model/request';
import { attendeeLine, writeItip, type Method } from '../../../core/requests/itip';
import { wallOf, type Zone } from '../../../core/time/zone';
import { ADDRESS } from './methods';

export const PETRA: Who = { name: 'Petra Weir', address: ADDRESS };

/** A meeting that somebody of the town asks for. */
export type Asking = {
  readonly uid: string;
  readonly by: Who;
  readonly title: string;
  /** Epoch ms, and minutes. */
  readonly start: number;
  readonly minutes: number;
  readonly place: string;
  readonly sequence: number;
  readonly stamp: number;
};

const whatFor: Record<'REQUEST' | 'CANCEL' | 'ADD' | 'DECLINECOUNTER', string> = {
  REQUEST: 'Could you come?',
  ADD: 'We need one more hour for it.',
  CANCEL: 'It will not take place after all.',
  DECLINECOUNTER: 'None of these times suits us, sorry. Can you make the one we asked for?',
};

/** What somebody asks for as a message (RFC 6047). */
export function askingLetter(asking: Asking, method: keyof typeof whatFor, zone: Zone): string {
  const { uid, by, title, start, minutes, place, sequence, stamp } = asking;
  const event = {
    ...{ ...plainEvent, uid, title, location: place },
    start: { wall: wallOf(start, zone), zone },
    length: { days: 0, seconds: minutes * 60 },
  };
  const text = writeItip(method, {
    ...{ event, sequence, stamp, organizer: by },
    attendees: [attendeeLine(by, 'yes', false), attendeeLine(PETRA, null)],
  });
  return writeMessage({
    ...{ from: by, to: [PETRA], subject: title, text: whatFor[method], at: stamp },
    id: `${uid}-${sequence}-${stamp}@town.example`,
    calendar: { method, text },
  });
}

/** A plain message of somebody. */
export const plainLetter = (from: Who, subject: string, text: string, at: number, nth: number): string =>
  writeMessage({ from, to: [PETRA], subject, text, at, id: `plain-${nth}@town.example` });

type Answering = {
  readonly event: Parameters<typeof writeItip>[1];
  readonly method: Method;
  readonly to: string;
};

/** What somebody answers to an invitation. */
export const answerLetter = (from: Who, { event, method, to }: Answering, at: number): string =>
  writeMessage({
    ...{ from, to: [{ name: '', address: to }], subject: `Re: ${event.event.title}`, at },
    text: 'See what my calendar says.',
    id: `answer-${at}-${from.address}`,
    calendar: { method, text: writeItip(method, event) },
  });
