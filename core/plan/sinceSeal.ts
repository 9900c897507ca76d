import type { Seal } from '../model/seal';
import { rememberedWhile } from '../model/remember';
import type { Workspace } from '../model/workspace';
import { blockOf, taskOf } from '../tasks/places';
import { MINUTE, clip, lengthOf, type Span } from '../time/span';
import { dateOf, datesFrom, dayOf, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';
import { sealOf } from './sealing';

/** Where something of a week stands: at hours, for whole days, or in the tray of a day. */
export type Spot =
  (Span & { readonly kind: 'hours' | 'wholeDays' }) | { readonly kind: 'tray'; readonly date: IsoDate };

/** Something of a week that is not as it was sealed. */
export type Drift = {
  /** The id of the block, the line of a tray or the occurrence: as it stands, or of what was dropped as it stood. */
  readonly id: string;
  readonly what: 'block' | 'tray' | 'meeting';
  /** The task or the event that it is there for. */
  readonly of: string;
  readonly title: string;
  readonly change: 'added' | 'moved' | 'dropped';
  /** Where it stood when the week was sealed, and where it stands; null when it did not, or does not in this week. */
  readonly was: Spot | null;
  readonly is: Spot | null;
};

/** What a week has gained, moved and lost since it was sealed. */
export type SinceSeal = {
  readonly drifts: readonly Drift[];
  /** Minutes of blocks, trays and meetings in the week: as they stand less as they were sealed. */
  readonly minutes: number;
};

type Item = Pick<Drift, 'id' | 'what' | 'of' | 'title'> & {
  readonly spot: Spot;
  /** The minutes that it takes of the week. */
  readonly minutes: number;
};

/** The things of a sealed plan, blocks first, each kind by time. */
function itemsOf({ blocks, tray, meetings }: Seal, week: Span): Item[] {
  const minutes = (span: Span) => Math.max(0, lengthOf(clip(week, span)));
  const byTime = [
    ...blocks.map(({ id, taskId, title, start, minutes: length }): Item => {
      const span = { from: start, to: start + length * MINUTE };
      return {
        id,
        what: 'block',
        of: taskId,
        title,
        spot: { kind: 'hours', ...span },
        minutes: minutes(span),
      };
    }),
    ...meetings.map(({ id, eventId, title, from, to, wholeDays }): Item => ({
      id,
      what: 'meeting',
      of: eventId,
      title,
      spot: { kind: wholeDays ? 'wholeDays' : 'hours', from, to },
      minutes: wholeDays ? 0 : minutes({ from, to }),
    })),
  ].sort((a, b) => startOf(a.spot) - startOf(b.spot));
  const laid = tray.map(({ id, taskId, title, date, minutes: estimate }): Item => ({
    id,
    what: 'tray',
    of: taskId,
    title,
    spot: { kind: 'tray', date },
    minutes: estimate,
  }));
  return [...byTime, ...laid];
}

const startOf = (spot: Spot) => (spot.kind === 'tray' ? 0 : spot.from);

const key = ({ what, id }: Pick<Item, 'what' | 'id'>) => `${what} ${id}`;

/** Whether it stands where it was meant to: an hour on the day of its tray is what a tray is for. */
function asMeant(was: Spot, is: Spot, zone: Zone): boolean {
  if (was.kind !== 'tray') return is.kind === was.kind && is.from === was.from && is.to === was.to;
  return (is.kind === 'tray' ? is.date : dateOf(is.from, zone)) === was.date;
}

/** Pairs what was with what is: the same thing first, else the first other thing of the same task or event. */
function paired(before: readonly Item[], now: readonly Item[]) {
  const left = new Map(now.map((item) => [key(item), item]));
  const take = (item: Item | undefined) => {
    if (item) left.delete(key(item));
    return item;
  };
  const same = before.map((was) => ({ was, is: take(left.get(key(was))) }));
  const pairs = same.map(({ was, is }) => ({
    was,
    is:
      is ??
      take(
        [...left.values()].find(
          (item) => item.of === was.of && (item.what === 'meeting') === (was.what === 'meeting'),
        ),
      ),
  }));
  return { pairs, added: [...left.values()] };
}

/**
 * What has become of a sealed week, worked out once for as long as its days stay as they are. A task that was done leaves
 * its place without being dropped; a block that is in another week now has been moved.
 */
export const sinceSeal = rememberedWhile(
  (_: Workspace, { id, at }: Seal, zone: Zone) => `${id} ${at} ${zone}`,
  (workspace: Workspace, seal: Seal, zone: Zone) => [
    seal,
    workspace.tasks,
    workspace.blocks,
    ...datesFrom(seal.id, 7).map((date) => dayPlan(workspace, date, zone)),
  ],
  (workspace: Workspace, seal: Seal, zone: Zone): SinceSeal => {
    const days = datesFrom(seal.id, 7).map((date) => dayOf(date, zone));
    const week = { from: days[0]?.from ?? 0, to: days[6]?.to ?? 0 };
    const before = itemsOf(seal, week);
    const now = itemsOf(sealOf(workspace, seal.id, zone, seal.at), week);
    const { pairs, added } = paired(before, now);
    const changed = pairs.flatMap(({ was, is }): Drift[] => {
      if (is && asMeant(was.spot, is.spot, zone)) return [];
      if (is) return [{ ...told(is), change: 'moved', was: was.spot, is: is.spot }];
      if (was.what !== 'meeting' && taskOf(workspace, was.of)?.doneAt) return [];
      const elsewhere = was.what === 'block' ? blockOf(workspace, was.id) : undefined;
      return elsewhere
        ? [{ ...told(was), change: 'moved', was: was.spot, is: hoursOf(elsewhere) }]
        : [{ ...told(was), change: 'dropped', was: was.spot, is: null }];
    });
    const sum = (items: readonly Item[]) => items.reduce((total, { minutes }) => total + minutes, 0);
    return {
      drifts: [
        ...added.map((item): Drift => ({ ...told(item), change: 'added', was: null, is: item.spot })),
        ...changed,
      ],
      minutes: Math.round(sum(now) - sum(before)),
    };
  },
);

const told = ({ id, what, of, title }: Item) => ({ id, what, of, title });

const hoursOf = ({ start, minutes }: { start: number; minutes: number }): Spot => ({
  kind: 'hours',
  from: start,
  to: start + minutes * MINUTE,
});

/** What has become of one thing of a sealed week; undefined where it stands as it was sealed. */
export const driftOf = ({ drifts }: SinceSeal, what: Drift['what'], id: string): Drift | undefined =>
  drifts.find((drift) => drift.what === what && drift.id === id && drift.change !== 'dropped');
