import { clockWords, durationWords, whenWords, type Style } from '../../time/words';
import { MINUTE } from '../../time/span';
import { dateOf, type IsoDate, type Zone } from '../../time/zone';
import type { BendProposal, Proposed } from './proposal';

const blocks = (count: number): string => `${count} ${count === 1 ? 'block' : 'blocks'}`;

/** What a proposal does, in a sentence: `3 blocks move, 1 does not fit, nothing fixed moves.` */
export function summaryWords({ moved, over }: BendProposal): string {
  if (moved.length + over.length === 0) return 'Nothing has to move: the rest of the day fits as it is.';
  const moves =
    moved.length === 0
      ? 'No block moves'
      : `${blocks(moved.length)} ${moved.length === 1 ? 'moves' : 'move'}`;
  const rest = over.length === 0 ? '' : `${over.length} ${over.length === 1 ? 'does' : 'do'} not fit`;
  return `${[moves, rest, 'nothing fixed moves'].filter(Boolean).join(', ')}.`;
}

/** Where a block goes, and from where: `15:30 – 16:15, was 13:30`, `Thu 26 Nov, 10:00, was 16:00`. */
export function shiftWords(
  { block, start, minutes }: Pick<Proposed, 'block' | 'start' | 'minutes'>,
  date: IsoDate,
  today: IsoDate,
  zone: Zone,
  style: Style,
): string {
  const clock = (instant: number) => clockWords(instant, zone, style.clock);
  const hours = `${clock(start)} – ${clock(start + minutes * MINUTE)}`;
  if (dateOf(start, zone) !== date)
    return `${whenWords(start, today, zone, style)}, was ${clock(block.start)}`;
  if (start === block.start) return `${hours}, ${durationWords(minutes - block.minutes)} longer`;
  return `${hours}, was ${clock(block.start)}`;
}
