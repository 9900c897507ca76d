import { occurrencesShown } from '../calendar/layers';
import type { Occurrence } from '../calendar/occurrences';
import type { Block, TimeEntry, TrayItem } from '../model/plan';
import { derivedByPart, groupedBy } from '../model/collection';
import type { Workspace } from '../model/workspace';
import { MINUTE, minutesOf, subtract, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { nearby } from '../time/nearby';
import { takesDays } from './spanning';
import { workingHours } from './workday';

/** The stretch of time that a block takes. */
export const spanOfBlock = ({ start, minutes }: Block): Span => ({
  from: start,
  to: start + minutes * MINUTE,
});

const blocksNear = nearby(spanOfBlock);
const entriesNear = nearby<TimeEntry>(({ from, to }) => ({ from, to: to ?? from + 1 }));

/** The blocks that touch a stretch of time, by start. */
export const blocksIn = (blocks: Workspace['blocks'], range: Span): Block[] => blocksNear(blocks, range);

const runningByPart = derivedByPart<TimeEntry, TimeEntry | undefined>((entries) =>
  [...entries].find(({ to }) => to === null),
);

/** The running timer's entry, if one runs. */
export const runningEntry = (entries: Workspace['entries']): TimeEntry | undefined =>
  runningByPart(entries).find((entry) => entry !== undefined);

/** The time entries that touch a stretch of time, by start; the running one lasts until `now`. */
export function entriesIn(entries: Workspace['entries'], range: Span, now: number): TimeEntry[] {
  const running = runningEntry(entries);
  const found = entriesNear(entries, range).filter((entry) => entry !== running);
  return running && running.from < range.to && now > range.from ? [...found, running] : found;
}

/** The blocks of a task, in no order. */
export const blocksOfTask = groupedBy<Block>(({ taskId }) => taskId);

/** What lies in the tray of a day. */
export const trayOn = groupedBy<TrayItem>(({ date }) => date);

/** What a day has room for and what is planned into it, in minutes. */
export type Load = {
  /** Working hours. */
  readonly capacity: number;
  /** Busy meetings inside the working hours. */
  readonly meetings: number;
  /** capacity − meetings. */
  readonly room: number;
  /** Blocks of the day, each counted whole even where two overlap, and the estimates in the tray. */
  readonly planned: number;
  /** The part of `planned` that lies in the tray. */
  readonly inTray: number;
  /** room − planned; negative when too much is planned. */
  readonly free: number;
};

export type DayPlan = {
  readonly date: IsoDate;
  readonly span: Span;
  readonly working: readonly Span[];
  /** Occurrences among the hours, then those that take whole days. */
  readonly meetings: readonly Occurrence[];
  readonly allDay: readonly Occurrence[];
  readonly blocks: readonly Block[];
  readonly tray: readonly TrayItem[];
  readonly load: Load;
};

const clip = (range: Span, { from, to }: Span): Span => ({
  from: Math.max(from, range.from),
  to: Math.min(to, range.to),
});

const known = new WeakMap<Workspace, Map<string, DayPlan>>();

/** Everything that is planned for a day; worked out once for as long as the workspace stays as it is. */
export function dayPlan(workspace: Workspace, date: IsoDate, zone: Zone): DayPlan {
  const plans = known.get(workspace) ?? new Map<string, DayPlan>();
  known.set(workspace, plans);
  const key = `${date} ${zone}`;
  const plan = plans.get(key) ?? workedOut(workspace, date, zone);
  plans.set(key, plan);
  return plan;
}

function workedOut(workspace: Workspace, date: IsoDate, zone: Zone): DayPlan {
  const span = dayOf(date, zone);
  const working = workingHours(workspace.settings, date, zone);
  const occurrences = occurrencesShown(workspace, date, zone);
  const blocks = blocksIn(workspace.blocks, span);
  const tray = trayOn(workspace.tray, date);

  const capacity = minutesOf(working);
  const room = minutesOf(
    subtract(
      working,
      occurrences.filter(({ busy }) => busy),
    ),
  );
  const inTray = tray.reduce((sum, { taskId }) => sum + (workspace.tasks.get(taskId)?.estimate ?? 0), 0);
  const planned = blocks.reduce((sum, block) => sum + minutesOf([clip(span, spanOfBlock(block))]), inTray);
  return {
    date,
    span,
    working,
    meetings: occurrences.filter((event) => !takesDays(event)),
    allDay: occurrences.filter(takesDays),
    blocks,
    tray,
    load: { capacity, meetings: capacity - room, room, planned, inTray, free: room - planned },
  };
}
