import type * as z from '../zod';
import { Attachment } from './attachment';
import { Category } from './category';
import { CategoryRule } from './categoryRule';
import type { Stored } from './collection';
import { Counterpart } from './counterpart';
import { Day } from './day';
import { Deletion } from './deletion';
import { Calendar, CalendarEvent } from './event';
import { DayCapacity, Frame, FrameHold, Target, ZoneChange } from './frame';
import { Goal, tieKinds } from './goal';
import { Link } from './link';
import { Message } from './message';
import { Person } from './person';
import { Block, Intention, TimeEntry, TrayItem } from './plan';
import { month, openPart } from './partition';
import { goes, inCategory, otherTask, ownersRefer, zonesRefer, type Reference } from './references';
import { Remark } from './remark';
import { RepeatingTask } from './repeating';
import { Invitation, Request } from './request';
import { ScratchNote } from './scratch';
import { Seal } from './seal';
import { Task, TaskList } from './task';
import { eachKind, kindsOf, Template } from './template';
import { WeekPage } from './weekPage';

/*
 * Everything that a workspace holds, a line a thing. Storage, the workspace file and its published schema, merging and
 * what goes with what is deleted all follow from this table: a new record is an entry here, its schema, and its commands.
 */

type RecordKind<R extends Stored> = {
  readonly schema: z.ZodMiniType<R>;
  /** Rises when its stored shape changes; migrations.ts brings what is older up to it. */
  readonly version: number;
  /** The part of its collection that a record lies in: what storage writes at once. What has a month is kept by month. */
  readonly part: (record: R) => string;
  /** What points elsewhere and is not named here stays as it is, as time spent on a deleted task does. */
  readonly refers?: readonly Reference<R>[];
};

const kind = <R extends Stored>(of: RecordKind<R>): RecordKind<R> => of;

const all = () => 'all';

export const records = {
  lists: kind<TaskList>({ schema: TaskList, version: 2, part: all, refers: [inCategory()] }),
  categories: kind<Category>({ schema: Category, version: 1, part: all }),
  categoryRules: kind<CategoryRule>({
    schema: CategoryRule,
    version: 1,
    part: all,
    refers: [{ to: 'categories', ids: ({ category }) => [category], without: goes }],
  }),
  tasks: kind<Task>({
    schema: Task,
    version: 3,
    part: ({ id, doneAt }) => (doneAt === null ? openPart(id) : `done-${month(doneAt)}`),
    refers: [
      inCategory(),
      otherTask('partOf'),
      otherTask('follows'),
      {
        to: 'tasks',
        ids: ({ waitsFor = [] }) => waitsFor,
        without: ({ waitsFor = [], ...task }, id) => {
          const left = waitsFor.filter((other) => other !== id);
          return left.length === 0 ? task : { ...task, waitsFor: left };
        },
      },
    ],
  }),
  messages: kind<Message>({
    schema: Message,
    version: 1,
    // each by itself, as it may be long
    part: ({ id }) => id,
    refers: [{ to: 'tasks', ids: ({ taskId }) => [taskId], without: goes }],
  }),
  attachments: kind<Attachment>({
    schema: Attachment,
    version: 1,
    // each by itself, as it may be large
    part: ({ id }) => id,
    refers: ownersRefer(),
  }),
  links: kind<Link>({ schema: Link, version: 1, part: all, refers: ownersRefer() }),
  // they outlive the event, as a calendar that is read again may lack it for a while
  remarks: kind<Remark>({ schema: Remark, version: 1, part: ({ from }) => month(from) }),
  scratch: kind<ScratchNote>({ schema: ScratchNote, version: 1, part: ({ date }) => date.slice(0, 7) }),
  templates: kind<Template>({
    schema: Template,
    version: 1,
    part: all,
    refers: [
      {
        to: 'categories',
        ids: (template) => kindsOf(template).flatMap(({ category }) => category ?? []),
        without: (template, id) =>
          eachKind(template, (kind) => (kind.category === id ? { ...kind, category: undefined } : kind)),
      },
      {
        to: 'lists',
        ids: (template) => kindsOf(template).flatMap(({ listId }) => listId ?? []),
        without: (template, id) =>
          eachKind(template, (kind) => (kind.listId === id ? { ...kind, listId: undefined } : kind)),
      },
    ],
  }),
  calendars: kind<Calendar>({ schema: Calendar, version: 2, part: all }),
  events: kind<CalendarEvent>({
    schema: CalendarEvent,
    version: 2,
    part: ({ calendarId }) => calendarId,
    refers: [{ to: 'calendars', ids: ({ calendarId }) => [calendarId], without: goes }],
  }),
  // an event that is deleted leaves its invitation, as others are to know
  invitations: kind<Invitation>({ schema: Invitation, version: 1, part: all }),
  requests: kind<Request>({ schema: Request, version: 1, part: ({ heardAt }) => month(heardAt) }),
  persons: kind<Person>({ schema: Person, version: 1, part: all }),
  counterparts: kind<Counterpart>({
    schema: Counterpart,
    version: 1,
    part: ({ calendarId }) => calendarId,
    refers: [{ to: 'calendars', ids: ({ calendarId }) => [calendarId], without: goes }],
  }),
  blocks: kind<Block>({
    schema: Block,
    version: 2,
    part: ({ start }) => month(start),
    refers: [
      { to: 'tasks', ids: ({ taskId }) => [taskId], without: goes },
      {
        to: 'tasks',
        ids: ({ holds = [] }) => holds,
        without: (block, id) => ({ ...block, holds: (block.holds ?? []).filter((held) => held !== id) }),
      },
    ],
  }),
  tray: kind<TrayItem>({
    schema: TrayItem,
    version: 2,
    part: ({ date }) => date.slice(0, 7),
    refers: [{ to: 'tasks', ids: ({ taskId }) => [taskId], without: goes }],
  }),
  entries: kind<TimeEntry>({ schema: TimeEntry, version: 2, part: ({ from }) => month(from) }),
  repeats: kind<RepeatingTask>({
    schema: RepeatingTask,
    version: 2,
    part: all,
    refers: [inCategory()],
  }),
  intentions: kind<Intention>({ schema: Intention, version: 2, part: ({ date }) => date.slice(0, 7) }),
  frames: kind<Frame>({ schema: Frame, version: 1, part: all, refers: zonesRefer() }),
  frameHolds: kind<FrameHold>({
    schema: FrameHold,
    version: 1,
    part: all,
    refers: [{ to: 'frames', ids: ({ frameId }) => [frameId], without: goes }],
  }),
  zoneChanges: kind<ZoneChange>({ schema: ZoneChange, version: 1, part: ({ date }) => date.slice(0, 7) }),
  dayCapacities: kind<DayCapacity>({ schema: DayCapacity, version: 1, part: ({ id }) => id.slice(0, 7) }),
  targets: kind<Target>({
    schema: Target,
    version: 1,
    part: all,
    refers: [{ to: 'categories', ids: ({ category }) => [category], without: goes }],
  }),
  seals: kind<Seal>({
    schema: Seal,
    version: 1,
    part: ({ id }) => id.slice(0, 7),
    refers: [
      ...zonesRefer<Seal>(),
      {
        to: 'categories',
        ids: ({ targets }) => targets.map(({ category }) => category),
        without: (seal, id) => ({
          ...seal,
          targets: seal.targets.filter(({ category }) => category !== id),
        }),
      },
    ],
  }),
  days: kind<Day>({
    schema: Day,
    version: 1,
    part: ({ id }) => id.slice(0, 7),
    refers: [
      {
        to: 'tasks',
        ids: ({ keystone }) => (keystone === undefined ? [] : [keystone]),
        without: ({ keystone: _, ...day }) => day,
      },
      {
        to: 'tasks',
        ids: ({ ties }) => ties.map(({ taskId }) => taskId),
        without: (day, id) => ({ ...day, ties: day.ties.filter(({ taskId }) => taskId !== id) }),
      },
    ],
  }),
  goals: kind<Goal>({
    schema: Goal,
    version: 1,
    // those of a year together; what is for no time at all would lie by itself
    part: ({ times: [first] }) => first?.date.slice(0, 4) ?? 'none',
    refers: [
      inCategory(),
      {
        to: 'goals',
        ids: ({ feeds }) => (feeds === undefined ? [] : [feeds]),
        without: ({ feeds: _, ...goal }) => goal,
      },
      ...tieKinds.map((kind): Reference<Goal> => ({
        to: kind,
        ids: (goal) => goal[kind],
        without: (goal, id) => ({ ...goal, [kind]: goal[kind].filter((tied) => tied !== id) }),
      })),
    ],
  }),
  weeks: kind<WeekPage>({ schema: WeekPage, version: 1, part: ({ id }) => id.slice(0, 7) }),
  deletions: kind<Deletion>({ schema: Deletion, version: 1, part: ({ at }) => month(at) }),
} as const;

export type CollectionName = keyof typeof records;
export type RecordOf<C extends CollectionName> = z.infer<(typeof records)[C]['schema']>;
export type AnyRecord = RecordOf<CollectionName>;

// Object.keys forgets the key type
export const collectionNames = Object.keys(records) as CollectionName[];

export const isCollection = (name: string): name is CollectionName => Object.hasOwn(records, name);

/** The table's entry of any collection, seen as one for any record: for what treats all alike. */
export const kindOf = (name: CollectionName) => records[name] as unknown as RecordKind<AnyRecord>; // kind and record are of the same name
