import { buffersOn } from '../frame/buffers';
import { hoursSaid, readsOfZones, spansOfKind } from '../frame/zones';
import { asItEnded } from '../calendar/ended';
import { occurrencesShown } from '../calendar/layers';
import type { Occurrence } from '../calendar/occurrences';
import type { Id } from '../model/common';
import type { Block, TrayItem } from '../model/plan';
import { rememberedWhile } from '../model/remember';
import type { Workspace } from '../model/workspace';
import { expectedOf } from '../tasks/takes';
import { blocksIn, isDone, readsBlocks, spanOfBlock, taskOf, trayOn } from '../tasks/places';
import { MINUTE, clip, intersect, minutesOf, subtract, union, type Span } from '../time/span';
import { dayOf, type IsoDate, type Zone } from '../time/zone';
import { buffersAfter, buffersBetween } from './bufferRules';
import { takesDays } from './spanning';

/** What a day has room for and what is planned into it, in minutes. */
export type Load = {
  /** The hours of work that the frame gives, or as many as the person has said for this day. */
  readonly capacity: number;
  /** Busy meetings inside the working hours. */
  readonly meetings: number;
  /** Buffers inside the working hours, where no meeting is. */
  readonly buffers: number;
  /** capacity − meetings − buffers. */
  readonly room: number;
  /** Blocks of the day, each counted whole even where two overlap, and the estimates in the tray. */
  readonly planned: number;
  /** The part of `planned` that lies in the tray. */
  readonly inTray: number;
  /** What lies in the tray is counted with what such work really takes. */
  readonly asItTakes?: true;
  /** room − planned; negative when too much is planned. */
  readonly free: number;
};

export type DayPlan = {
  readonly date: IsoDate;
  readonly span: Span;
  readonly working: readonly Span[];
  /** What is left free after zones and meetings, and between blocks of different kinds. */
  readonly buffers: readonly Span[];
  /** Of these, those that do not depend on blocks. */
  readonly fixedBuffers: readonly Span[];
  /** Occurrences among the hours, then those that take whole days. */
  readonly meetings: readonly Occurrence[];
  readonly allDay: readonly Occurrence[];
  readonly blocks: readonly Block[];
  readonly tray: readonly TrayItem[];
  readonly load: Load;
};

/** The minutes that a block takes of a day. */
export const minutesOn = (day: Span, block: Pick<Block, 'start' | 'minutes'>): number =>
  minutesOf([clip(day, { from: block.start, to: block.start + block.minutes * MINUTE })]);

/** What a task in a tray takes of its day. */
export function trayMinutes(workspace: Workspace, taskId: string): number {
  const task = taskOf(workspace, taskId);
  return task ? (expectedOf(workspace, task) ?? 0) : 0;
}

/** Everything that is planned for a day; worked out once for as long as what it reads stays as it is. */
export const dayPlan = rememberedWhile(
  (_: Workspace, date: IsoDate, zone: Zone) => `${date} ${zone}`,
  readsOfDay,
  workedOut,
);

function readsOfDay(workspace: Workspace, date: IsoDate, zone: Zone): readonly unknown[] {
  const { calendars, events, tray, dayCapacities, days, settings } = workspace;
  return [
    ...readsOfZones(workspace, date),
    dayCapacities.get(date),
    days.get(date)?.over,
    calendars,
    events,
    ...readsBlocks(workspace, dayOf(date, zone)),
    tray.parts.get(date.slice(0, 7)),
    ...trayOn(workspace, date, zone).map(({ taskId }) => trayMinutes(workspace, taskId)),
    settings.pace !== null,
    settings.buffers,
    ...(settings.buffers.betweenKinds > 0
      ? blocksIn(workspace, dayOf(date, zone), zone).map(({ taskId }) => taskOf(workspace, taskId)?.category)
      : []),
  ];
}

function workedOut(workspace: Workspace, date: IsoDate, zone: Zone): DayPlan {
  const span = dayOf(date, zone);
  const working = spansOfKind(workspace, date, zone, 'work');
  const over = workspace.days.get(date)?.over ?? [];
  const occurrences = occurrencesShown(workspace, date, zone).map((meeting) => asItEnded(meeting, over));
  const blocks = blocksIn(workspace, span, zone);
  const tray = trayOn(workspace, date, zone);

  const { buffers: rules } = workspace.settings;
  const hours = occurrences.filter((event) => !takesDays(event));
  const fixedBuffers = intersect(
    [...buffersOn(workspace, date, zone), ...buffersAfter(hours, rules)],
    [span],
  );
  const buffers = union([...fixedBuffers, ...intersect(buffersBetween(workspace, blocks, rules), [span])]);
  const given = minutesOf(working);
  const busy = occurrences.filter((event) => event.busy);
  const unmet = minutesOf(subtract(working, busy));
  const left = minutesOf(subtract(working, [...busy, ...buffers]));
  const capacity = hoursSaid(workspace, date) ?? given;
  const room = capacity - (given - left);
  const inTray = tray.reduce((sum, { taskId }) => sum + trayMinutes(workspace, taskId), 0);
  const planned = blocks.reduce((sum, block) => sum + minutesOn(span, block), inTray);
  return {
    date,
    span,
    working,
    meetings: hours,
    allDay: occurrences.filter(takesDays),
    blocks,
    tray,
    buffers,
    fixedBuffers,
    load: {
      capacity,
      meetings: given - unmet,
      buffers: unmet - left,
      room,
      planned,
      inTray,
      ...(workspace.settings.pace && inTray > 0 ? { asItTakes: true } : {}),
      free: room - planned,
    },
  };
}

/**
 * What takes the time of a day: busy events, among the hours or for whole days, and blocks that are not done; as if the one of the
 * id `gone` were not there.
 */
export const takenOn = (workspace: Workspace, { meetings, allDay, blocks }: DayPlan, gone?: Id): Span[] => [
  ...[...meetings, ...allDay].filter(({ id, busy }) => busy && id !== gone),
  ...blocks.filter((block) => block.id !== gone && !isDone(workspace, block)).map(spanOfBlock),
];

/** What takes a day whole: an event of whole days in which one is busy, or else a busy meeting over all of its working hours. */
export const takenWholeBy = ({ allDay, meetings, working }: DayPlan): Occurrence | undefined =>
  allDay.find(({ busy }) => busy) ??
  meetings.find((meeting) => meeting.busy && working.length > 0 && subtract(working, [meeting]).length === 0);
