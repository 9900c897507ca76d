import type { FrameZone } from '../model/frame';
import type { Workspace } from '../model/workspace';
import { MINUTE, intersect, union, type Span } from '../time/span';
import { addDays, dayOf, type IsoDate, type Zone } from '../time/zone';
import { zonesOn } from './zones';

/** Whether words name travel, as the kind of zone that is painted for it does. */
export const isTravel = (words: readonly string[]): boolean => words.some((word) => /\btravel/i.test(word));

/** The stretch of so many minutes after an end. */
export const after = (end: number, minutes: number): Span => ({ from: end, to: end + minutes * MINUTE });

/** The stretches of a day that are left free after zones that ask for it, and after travel where that is the rule. */
export function buffersOn(workspace: Workspace, date: IsoDate, zone: Zone): Span[] {
  const { afterTravel } = workspace.settings.buffers;
  const asked = ({ name, kind, buffer }: FrameZone) =>
    kind === 'duty' && isTravel([name]) ? Math.max(buffer, afterTravel) : buffer;
  const around = [addDays(date, -1), date].flatMap((day) => zonesOn(workspace, day, zone));
  const free = around.flatMap((one) => {
    const last = one.spans.at(-1);
    const minutes = asked(one.zone);
    return minutes > 0 && last ? [after(last.to, minutes)] : [];
  });
  return intersect(union(free), [dayOf(date, zone)]);
}
