import { bounds, shortened } from '../model/bounds';
import { plainDetails } from '../model/event';
import { instantOf, isWall } from '../time/zone';
import type { Component, Problem } from './contentLines';
import { lengthOfText } from './icalProperty';
import type { FileEvent } from './readEvent';

const LINE = /^FREEBUSY((?:;[^:]*)?):(.*)$/i;
const PERIOD = /^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z\/(.+)$/;

/** What the types of busy time are called (RFC 5545 3.2.9). */
const names: Readonly<Record<string, string>> = {
  'BUSY-UNAVAILABLE': 'Away',
  'BUSY-TENTATIVE': 'Tentative',
};

const wallOfPeriod = ([, y, mo, d, h, mi, s]: RegExpExecArray) => `${y}-${mo}-${d}T${h}:${mi}:${s}`;

/** A period in UTC (RFC 5545 3.3.9), as a wall time and seconds. Throws for what is none. */
function periodOf(text: string): { wall: string; seconds: number } {
  const found = PERIOD.exec(text);
  const wall = found ? wallOfPeriod(found) : '';
  if (!found || !isWall(wall)) throw new Error('It is no period.');
  const rest = found[7] ?? '';
  const end = PERIOD.exec(`${rest}/-`);
  const { days, seconds } = end ? { days: 0, seconds: between(wall, wallOfPeriod(end)) } : lengthOfText(rest);
  const all = days * 86_400 + seconds;
  if (!(all > 0 && all <= bounds.eventDays * 86_400)) throw new Error('It has no length.');
  return { wall, seconds: all };
}

const between = (from: string, to: string) =>
  isWall(to) ? (instantOf(to, 'UTC') - instantOf(from, 'UTC')) / 1000 : NaN;

/** The busy times that somebody tells (VFREEBUSY, RFC 5545 3.6.4) as events without a word of what they are; free ones are left out. */
export function readFreeBusy({ lines }: Component, problems: Problem[]): FileEvent[] {
  return lines.flatMap(({ text, line }) => {
    const [, params = '', periods = ''] = LINE.exec(text) ?? [];
    const type = /;FBTYPE=([^;:]+)/i.exec(params)?.[1]?.toUpperCase() ?? 'BUSY';
    if (periods === '' || type === 'FREE') return [];
    return periods.split(',').flatMap((period): FileEvent[] => {
      try {
        const { wall, seconds } = periodOf(period.trim());
        return [
          {
            ...plainDetails,
            ...{ uid: `busy/${wall}/${seconds}`, sequence: 0, title: names[type] ?? 'Busy' },
            start: { wall, zone: 'UTC' },
            length: { days: 0, seconds },
            ...{ rule: null, without: [], also: [], exceptions: [] },
          },
        ];
      } catch {
        const what = `“${shortened(period, 60)}” is no period of busy time`;
        problems.push({ where: line, what, hint: 'It was left out.' });
        return [];
      }
    });
  });
}
