import type { IsoDate } from '../../time/zone';
import { ahead, monthAhead } from './calendar';
import type { Day } from './figures';
import { after, monthAt, type Read } from './tokens';

/* Days that go by a name. */

const FEASTS: readonly (readonly [number, number, readonly string[]])[] = [
  [12, 24, ['christmas eve', 'xmas eve']],
  [12, 25, ['christmas day', 'christmas', 'xmas']],
  [12, 26, ['boxing day']],
  [12, 31, ["new year's eve", 'new years eve']],
  [1, 1, ["new year's day", 'new years day', 'new year', "new year's", 'the new year']],
  [10, 31, ['halloween']],
];

/** Feasts of a fixed date; whoever asks makes sure that a day is meant, as “Christmas cards” are none. */
export const feastAt =
  (today: IsoDate): Read<Day> =>
  (tokens, at) => {
    for (const [month, day, names] of FEASTS) {
      const next = after(tokens, at, ...names);
      const date = next === undefined ? undefined : ahead(month, day, today);
      if (next !== undefined && date !== undefined) return { value: { date }, next };
    }
    return undefined;
  };

/** A month alone is its first day: `in January`. */
export const monthAlone =
  (today: IsoDate): Read<Day> =>
  (tokens, at) => {
    const month = monthAt(tokens, at);
    return month && { value: { date: monthAhead(month.value, today) }, next: month.next };
  };
