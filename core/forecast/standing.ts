import type { Habits } from '../estimates/habits';
import { feasible } from '../feasible/feasible';
import { shortWords, stretchWords } from '../feasible/words';
import { SPARE } from '../fit/asked';
import { fit } from '../fit/proposal';
import { endOfRange } from '../fit/range';
import type { Workspace } from '../model/workspace';
import { dateOf, type Zone } from '../time/zone';
import type { Working } from '../working';
import { chancesOf, type Chance } from './chances';
import { dayEndsOf } from './dayEnd';
import { byWords } from './dayEndWords';
import { dueAtWords } from './promiseWords';

/** How things stand, to be compared with how they would. */
export type Standing = {
  /** The first stretch that cannot work, in words; null where all fits. */
  readonly tight: string | null;
  /** How many minutes are short in all stretches that cannot work. */
  readonly short: number;
  /** How many of the tasks that are wanted the best plan until the end of next week has on time. */
  readonly inTime: number;
  readonly count: number;
  /** By when today is done, in words and in half of the cases (epoch ms); null where nothing is planned any more. */
  readonly done: { readonly words: string; readonly half: number } | null;
  readonly chances: readonly Chance[];
};

type StandingAsked = {
  readonly habits: Habits;
  readonly zone: Zone;
  readonly now: number;
  readonly seed: number;
};

/** Better plans are looked for this long (see `EFFORTS`). */
const EFFORT = 1;

/** The figures of a workspace: whether all fits, what a plan gets done in time, when today ends, how sure each deadline is. */
export function* standingOf(workspace: Workspace, asked: StandingAsked): Working<Standing> {
  const { zone, now } = asked;
  const { tight } = feasible(workspace, zone, now);
  const [first] = tight;
  const chances = yield* chancesOf(workspace, asked);
  const [end] = yield* dayEndsOf(workspace, { ...asked, dates: [dateOf(now, zone)] });
  const until = endOfRange(workspace, 'nextWeek', zone, now);
  const wanted = { zone, now, until, tasks: null, out: [], held: [], spare: SPARE, mends: false };
  const { inTime, count } = yield* fit(workspace, { asked: wanted, effort: EFFORT });
  return {
    tight: first ? `${stretchWords(first, workspace, zone, now)}: ${shortWords(first, workspace)}` : null,
    short: tight.reduce((sum, { short }) => sum + short, 0),
    ...{ inTime, count, chances },
    done: end ? { words: byWords(end, { workspace, zone }), half: end.half } : null,
  };
}

/** One figure as it is and as it would be; `better` is null where that cannot be said, or nothing changes. */
export type Compared = {
  readonly what: string;
  readonly is: string;
  readonly would: string;
  readonly better: boolean | null;
};

const lower = (before: number, after: number): boolean | null => (before === after ? null : after < before);

type Told = { readonly workspace: Workspace; readonly zone: Zone; readonly now: number };

/** How things stand beside how they would, a figure a row; of the deadlines those whose chances change. */
export function compared(is: Standing, would: Standing, told: Told): Compared[] {
  const fits = ({ tight }: Standing) => tight ?? 'all that is due fits';
  const onTime = ({ inTime, count }: Standing) => `${inTime} of ${count} on time`;
  const done = (standing: Standing) => standing.done?.words ?? 'nothing is planned';
  const share = ({ inTime, count }: Standing) => (count === 0 ? 1 : inTime / count);
  return [
    { what: 'Does it fit', is: fits(is), would: fits(would), better: lower(is.short, would.short) },
    {
      ...{ what: 'The best plan until the end of next week', is: onTime(is), would: onTime(would) },
      better: lower(share(would), share(is)),
    },
    {
      ...{ what: 'Today is done', is: done(is), would: done(would) },
      better: is.done && would.done ? lower(is.done.half, would.done.half) : null,
    },
    ...chancesCompared(is, would, told),
  ];
}

const keyOf = ({ at, titles }: Chance) => `${at} ${titles.join('\n')}`;

function chancesCompared(is: Standing, would: Standing, told: Told): Compared[] {
  const before = new Map(is.chances.map((chance) => [keyOf(chance), chance]));
  const after = new Map(would.chances.map((chance) => [keyOf(chance), chance]));
  const all = new Map([...before, ...after]);
  const words = (chance: Chance | undefined) =>
    chance ? `in time in ${chance.chance} of 100` : 'is not due';
  return [...all].flatMap(([key, one]): Compared[] => {
    const [old, young] = [before.get(key), after.get(key)];
    if (old?.chance === young?.chance) return [];
    const better = old && young ? young.chance > old.chance : null;
    return [{ what: dueAtWords(one, told), is: words(old), would: words(young), better }];
  });
}
