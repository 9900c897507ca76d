import { numberWords } from '../../plan/routines';
import { asLine, durationWords, signedWords, timeWords, weekdayNames, type Style } from '../../time/words';
import { weekdayOf } from '../../time/zone';
import type { CutFigures } from '../cutsOver';
import { followedPercent } from '../followed';
import type { HourOfWeek } from '../rhythm';
import type { Picture, PictureOf } from './picture';

/** The question that a picture asks. */
export const asks: Record<Picture['kind'], string> = {
  week: 'The week, planned and as it was',
  weeks: 'How the weeks went',
  hours: 'When you work',
  followed: 'How closely the plan was followed',
  cuts: 'How the time was cut up',
  goals: 'What goals got',
  numbers: 'Your own numbers and notes',
};

/** An hour of the clock as it is said: `9`, `9 am`. */
export const hourOfClock = (hour: number, style: Style): string =>
  timeWords(`${`${hour}`.padStart(2, '0')}:00`, style.clock).replace(':00', '');

/** The hour that holds most. */
export const fullest = (cells: readonly HourOfWeek[]): HourOfWeek | undefined =>
  [...cells].sort((a, b) => b.minutes - a.minutes)[0];

/** The answer of a picture, as its heading. */
export function pictureSays(picture: Picture, style: Style): string {
  switch (picture.kind) {
    case 'week':
      return weekSays(picture);
    case 'weeks': {
      const drifts = picture.weeks.map(({ planned, actual }) => actual - planned);
      const mean = Math.round(drifts.reduce((sum, drift) => sum + drift, 0) / drifts.length);
      return `A week drifts by ${signedWords(mean)} in the mean, between ${signedWords(Math.min(...drifts))} and ${signedWords(Math.max(...drifts))}`;
    }
    case 'hours': {
      const most = fullest(picture.cells);
      return most
        ? `${weekdayNames[most.weekday - 1]}s from ${hourOfClock(most.hour, style)} are the fullest hour: ${durationWords(most.minutes)}`
        : 'No hour is fuller than the others';
    }
    case 'followed':
      return `${followedPercent(picture.all) ?? 0} % went as planned, minute by minute`;
    case 'cuts':
      return cutsSay(picture);
    case 'goals': {
      const { done, all } = picture;
      const percent = all === 0 ? 0 : Math.round((100 * done) / all);
      return `Goals got ${durationWords(done)}, ${percent} % of what was done`;
    }
    case 'numbers':
      return numbersSay(picture);
  }
}

function weekSays({ days }: PictureOf<'week'>): string {
  const [furthest] = days
    .map(({ date, planned, actual }) => ({ date, drift: actual - planned }))
    .sort((a, b) => Math.abs(b.drift) - Math.abs(a.drift));
  return furthest && furthest.drift !== 0
    ? `${weekdayNames[weekdayOf(furthest.date) - 1]} drifted most: ${signedWords(furthest.drift)}`
    : 'No day drifted';
}

function cutsSay({ now, before }: PictureOf<'cuts'>): string {
  const said = `A working day has ${durationWords(now.longMinutesADay)} in stretches of an hour or more`;
  if (!before) return said;
  const more = now.longMinutesADay - before.longMinutesADay;
  return more === 0
    ? `${said}, as before`
    : `${said}, ${durationWords(Math.abs(more))} ${more > 0 ? 'more' : 'less'} than before`;
}

function numbersSay({ numbers, notes }: PictureOf<'numbers'>): string {
  const [first] = numbers;
  if (!first) return notes.length === 1 ? 'One day has a note' : `${notes.length} days have a note`;
  const { counted, days, reached, mean } = first;
  if (reached !== null) return `${counted.name}: reached on ${reached} of ${days.length} days`;
  if (counted.kind === 'yesNo')
    return `${counted.name}: yes on ${days.filter(({ value }) => value > 0).length} of ${days.length} days`;
  return `${counted.name}: ${numberWords(counted, Math.round(10 * mean) / 10)} a day in the mean`;
}

const figureOf = (number: number | null) => (number === null ? '–' : `${number}`);

/** The figures of how time was cut up, each with its name. */
export const cutLines = ({
  longest,
  longADay,
  longMinutesADay,
  meetingsADay,
  switchesAnHour,
  guardedLost,
}: CutFigures): readonly [name: string, figure: string][] => [
  ['in stretches of an hour or more, a day', durationWords(longMinutesADay)],
  ['such stretches, a day', figureOf(longADay)],
  ['the longest stretch', durationWords(longest)],
  ['meetings, a day', figureOf(meetingsADay)],
  ['switches, an hour on record', figureOf(switchesAnHour)],
  ['meetings in guarded zones', durationWords(guardedLost)],
];

/** Where the hours went, as the heading of the lines: what drifted, or changed, most. */
export const linesSay = (
  most: { readonly name: string; readonly change: number } | undefined,
  beside: 'plan' | 'earlier',
): string =>
  most
    ? `${asLine(most.name)} ${beside === 'plan' ? 'drifted' : 'changed'} most: ${signedWords(most.change)}`
    : 'Where it went';
