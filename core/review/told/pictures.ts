import type { Workspace } from '../../model/workspace';
import { daysOf, type Stretch } from '../../time/stretch';
import { weekOf } from '../../time/week';
import { datesFrom, type IsoDate, type Zone } from '../../time/zone';
import { cutsOf, type DayCuts } from '../cuts';
import { cutsOver, type CutFigures } from '../cutsOver';
import { LEAST, recordedDays } from '../findings';
import { followed, followedBy, followedPercent } from '../followed';
import { goalsOver } from '../goalsOver';
import { inGroups } from '../inGroups';
import type { LedgerRow } from '../ledger';
import { notesOver, numbersOver, type NumberOver } from '../ownNumbers';
import { hoursOfWeek, weekSums } from '../rhythm';
import type { DaySum, Picture, PictureOf, Placed } from './picture';

/** Rows of a stretch, and its days as far as they have come. */
export type Part = {
  readonly stretch: Stretch;
  readonly rows: readonly LedgerRow[];
  readonly first: IsoDate;
  /** The last day that has ended; before the first where none has. */
  readonly ended: IsoDate;
};

/** What pictures are made of. `before` is the stretch before, as far as this one has come. */
export type Material = {
  readonly workspace: Workspace;
  readonly zone: Zone;
  readonly now: Part;
  readonly before: Part;
  /** The rows as their week was sealed; null where it was not. */
  readonly sealed: readonly LedgerRow[] | null;
};

/** Figures by what they are of; a picture changes as they do. */
type Weights = ReadonlyMap<string, number>;

/**
 * How far apart two sets of figures are, from 0 (the same) to 1 (nothing in common): one less the sum of the smaller over that
 * of the larger of each (Ruzicka's similarity, 1958, of figures that are not negative).
 */
export function distance(one: Weights, other: Weights): number {
  const keys = new Set([...one.keys(), ...other.keys()]);
  let [least, most] = [0, 0];
  for (const key of keys) {
    const pair = [one.get(key) ?? 0, other.get(key) ?? 0];
    least += Math.min(...pair);
    most += Math.max(...pair);
  }
  return most === 0 ? 0 : 1 - least / most;
}

/** Of a stretch that is longer it is not told how it was cut up: the plan of each day would have to be made. */
const MOST_CUT = 366;
/** Of a stretch that is longer it is not told what its goals got: they would be too many. */
const MOST_FOR_GOALS = 400;
/** So many weeks at least make a line. */
const LINE = 3;

type Kind = Picture['kind'];
/** A picture as it is drawn, and the figures by which it is told whether it has changed. */
type Drawn<K extends Kind> = { readonly picture: PictureOf<K>; readonly weights: Weights };
type Draw<K extends Kind> = (part: Part, material: Material) => Drawn<K> | undefined;

const datesOf = ({ first, ended }: Part): IsoDate[] => {
  const days = daysOf({ unit: 'dates', first, last: ended });
  return datesFrom(first, Math.max(0, days));
};

function daySums(rows: readonly LedgerRow[], dates: readonly IsoDate[]): DaySum[] {
  const days = inGroups(rows, ({ date }) => date);
  return dates.map((date) => {
    const own = days.get(date) ?? [];
    const sum = (of: 'planned' | 'actual') => own.reduce((total, row) => total + row[of], 0);
    return { date, planned: sum('planned'), actual: sum('actual') };
  });
}

const placed = (rows: readonly LedgerRow[], lane: 'planned' | 'actual'): Placed[] =>
  rows.flatMap(({ date, subject, spans }) => spans[lane].map((span) => ({ date, subject, span })));

const weightsOfDays = (days: readonly DaySum[]): Weights =>
  new Map(
    days.flatMap(({ planned, actual }, i): [string, number][] => [
      [`planned ${i}`, planned],
      [`actual ${i}`, actual],
    ]),
  );

const draws: { readonly [K in Kind]: Draw<K> } = {
  week({ stretch, rows }, { sealed }) {
    if (stretch.unit !== 'week' || rows.length === 0) return undefined;
    const days = daySums(rows, datesFrom(stretch.first, 7));
    const lanes = {
      sealed: sealed && placed(sealed, 'planned'),
      planned: placed(rows, 'planned'),
      actual: placed(rows, 'actual'),
    };
    return { picture: { kind: 'week', days, lanes }, weights: weightsOfDays(days) };
  },
  weeks({ stretch, rows, first, ended }, { workspace }) {
    const weeks = weekSums(rows, workspace.settings.weekStart, { from: first, until: ended });
    if (stretch.unit === 'week' || weeks.length < LINE) return undefined;
    const days = weeks.map(({ week, ...sums }) => ({ date: week, ...sums }));
    return { picture: { kind: 'weeks', weeks }, weights: weightsOfDays(days) };
  },
  hours({ rows }, { zone }) {
    const cells = hoursOfWeek(rows, zone);
    if (recordedDays(rows).length < LEAST) return undefined;
    const weights = new Map(cells.map(({ weekday, hour, minutes }) => [`${weekday} ${hour}`, minutes]));
    return { picture: { kind: 'hours', cells }, weights };
  },
  followed({ rows }, { zone }) {
    const all = followed(rows);
    const share = followedPercent(all);
    if (share === null || rows.length < LEAST) return undefined;
    const [weekdays, hours] = [followedBy(rows, 'weekday', zone), followedBy(rows, 'hour', zone)];
    return {
      picture: { kind: 'followed', all, weekdays, hours },
      weights: new Map([
        ['as planned', share],
        ['otherwise', 100 - share],
      ]),
    };
  },
  cuts(part, { workspace, zone }) {
    const dates = datesOf(part);
    if (dates.length > MOST_CUT) return undefined;
    const cuts = cutsOf(workspace, dates, zone);
    const figures = cutsOver(workspace, cuts, part.rows, zone);
    if (!figures) return undefined;
    const weeks = wholeWeeksOf(cuts, workspace.settings.weekStart).map(([week, own]) => ({
      week,
      longMinutesADay: cutsOver(workspace, own, [], zone)?.longMinutesADay ?? 0,
    }));
    return {
      picture: { kind: 'cuts', now: figures, before: null, weeks: part.stretch.unit === 'week' ? [] : weeks },
      weights: weightsOfCuts(figures),
    };
  },
  goals({ stretch, rows }, { workspace }) {
    if (daysOf(stretch) > MOST_FOR_GOALS || workspace.goals.size === 0) return undefined;
    const over = goalsOver(workspace, rows, stretch.first, stretch.last);
    if (over.goals.length === 0) return undefined;
    // by their own names, the goals of two weeks would never be alike
    const weights = new Map([
      ['for goals', over.done],
      ['otherwise', over.all - over.done],
    ]);
    return { picture: { kind: 'goals', ...over }, weights };
  },
  numbers(part, { workspace }) {
    const { first, last } = part.stretch;
    const [numbers, notes] = [numbersOver(workspace, first, last), notesOver(workspace, first, last)];
    if (numbers.length + notes.length === 0) return undefined;
    const days = daySums(part.rows, datesOf(part));
    return { picture: { kind: 'numbers', numbers, notes, days }, weights: weightsOfNumbers(numbers) };
  },
};

/** The days of each whole week. */
const wholeWeeksOf = (cuts: readonly DayCuts[], weekStart: number) =>
  [...inGroups(cuts, ({ date }) => weekOf(date, weekStart))].filter(([, own]) => own.length === 7);

/** Minutes are told in hours here, so that no figure outweighs the others. */
const weightsOfCuts = ({ longMinutesADay, meetingsADay, switchesAnHour, longest }: CutFigures): Weights =>
  new Map([
    ['long', longMinutesADay / 60],
    ['longest', longest / 60],
    ['meetings', meetingsADay],
    ['switches', switchesAnHour ?? 0],
  ]);

const weightsOfNumbers = (numbers: readonly NumberOver[]): Weights =>
  new Map(numbers.map(({ counted, mean }) => [counted.id, Math.abs(mean)]));

/** The order of pictures that have changed alike. */
const kinds = ['week', 'weeks', 'followed', 'hours', 'cuts', 'goals', 'numbers'] as const;

function drawnOf<K extends Kind>(kind: K, material: Material): { picture: Picture; changed: number }[] {
  const now = draws[kind](material.now, material);
  if (!now) return [];
  const before = draws[kind](material.before, material);
  const [picture, then]: (Picture | undefined)[] = [now.picture, before?.picture];
  const beside =
    picture?.kind === 'cuts' && then?.kind === 'cuts' ? { ...picture, before: then.now } : now.picture;
  return [{ picture: beside, changed: distance(now.weights, before?.weights ?? new Map()) }];
}

/** The pictures of a stretch, those first that have changed most since the stretch before. */
export const picturesOf = (material: Material): Picture[] =>
  kinds
    .flatMap((kind) => drawnOf(kind, material))
    .sort((a, b) => b.changed - a.changed)
    .map(({ picture }) => picture);
