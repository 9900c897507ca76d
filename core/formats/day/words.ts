import { asLine, clockWords, durationWords, type Style } from '../../time/words';
import { lengthOf, type Span } from '../../time/span';
import type { Zone } from '../../time/zone';
import type { DayChange, DayProblem } from './change';

/** A change of a day in words: `Grant report: 09:00 – 10:30`. */
export function changeWords(change: DayChange, zone: Zone, { clock }: Style): string {
  const at = ({ from, to }: Span) =>
    `${clockWords(from, zone, clock)} – ${clockWords(to, zone, clock)}, ${durationWords(Math.round(lengthOf({ from, to })))}`;
  switch (change.kind) {
    case 'move':
      return `${change.title} moves to ${at(change.to)}`;
    case 'place':
      return `${change.title} gets ${at(change.to)}`;
    case 'lay':
      return `${change.title} goes into the tray`;
    case 'new':
      return `New task ${change.title}${change.to ? `, ${at(change.to)}` : ', into the tray'}${change.done ? ', done' : ''}`;
    case 'off':
      return `${change.title} is taken ${change.from === 'hours' ? 'off the hours' : 'out of the tray'}`;
    case 'done':
      return `${change.title} is ${change.done ? 'done' : 'open again'}`;
    case 'keystone':
      return change.taskId === null ? 'No task is the keystone' : `${change.title} is the keystone`;
    case 'record':
      return `${change.title} took ${at(change.to)}`;
    case 'unrecord':
      return `Time on ${change.title} is taken away`;
    case 'number':
      return `${change.title}: ${change.value === null ? 'nothing' : change.value}`;
    case 'note':
      return change.note === '' ? 'The note is emptied' : 'The note is another';
  }
}

const reasons: Readonly<Record<DayProblem['why'], string>> = {
  unread: 'cannot be read, and stays without effect',
  meeting: 'is no meeting of this day: meetings are changed in the plan',
  held: 'is not in the group above: of what a group holds only the ticks count',
  number: 'is no such number',
  unknownNumber: 'is nothing that you count',
};

/** Why a line stays without effect: `Line 7, “…”, cannot be read`. */
export const problemWords = ({ line, text, why }: DayProblem): string =>
  asLine(`line ${line}, “${text.slice(0, 60)}”, ${reasons[why]}`);
