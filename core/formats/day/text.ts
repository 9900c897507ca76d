import type { Counted } from '../../model/day';
import type { Workspace } from '../../model/workspace';
import { dayPlan } from '../../plan/dayPlan';
import { heldTasks } from '../../plan/group';
import { numberWords } from '../../plan/routines';
import { timedThings } from '../../plan/things';
import { subjectTitle, taskOf } from '../../tasks/places';
import { MINUTE, type Span } from '../../time/span';
import { dayOfMonth, monthWords, weekdayWords } from '../../time/words';
import {
  addDays,
  dateOf,
  dayOf,
  daysBetween,
  instantOf,
  timeOf,
  type IsoDate,
  type Zone,
} from '../../time/zone';
import { entriesIn } from '../../track/entries';

/*
 * A day as text: Markdown that a person can read, edit and bring back. The format is described in docs/formats.md.
 */

/** Hours of a line: wall times of the day, the end so many days later. */
export type LineHours = { readonly from: string; readonly to: string; readonly later: number };

/** A line of the plan: a task with hours or in the tray, or a meeting, which has no box. */
export type PlanLine = {
  readonly line: number;
  readonly title: string;
  readonly hours: LineHours | null;
  /** null for a meeting. */
  readonly done: boolean | null;
  readonly keystone: boolean;
  /** It lies within the block of the line above that is not. */
  readonly held: boolean;
};

/** A line of what happened; `to` is null while the timer runs. */
export type RecordLine = {
  readonly line: number;
  readonly title: string;
  readonly hours: LineHours | null;
  readonly from: string;
};

export type NumberLine = { readonly line: number; readonly name: string; readonly value: string };

/** A line that could not be read, as it stands. */
export type UnreadLine = { readonly line: number; readonly text: string; readonly where: Section | 'head' };

export type Section = 'plan' | 'record' | 'numbers' | 'note';

export type DayText = {
  readonly plan: readonly PlanLine[];
  readonly record: readonly RecordLine[];
  readonly numbers: readonly NumberLine[];
  readonly note: string;
  /** The sections that the text has; what of a day belongs to another stays as it is. */
  readonly has: ReadonlySet<Section>;
  readonly unread: readonly UnreadLine[];
};

const heads: Readonly<Record<Section, string>> = {
  plan: 'Plan',
  record: 'What happened',
  numbers: 'Numbers',
  note: 'Note',
};

/** A title as it stands in a line: on one line, and with a backslash where it would be taken for something else. */
export function titleInLine(title: string): string {
  const words = plainTitle(title);
  return /^(?:\\|\[|\*\*|\d{1,2}[:.]\d\d)/.test(words) ? `\\${words}` : words;
}

/** A title as titles are compared: by their words, on one line. */
export const plainTitle = (title: string): string => title.replace(/\s+/g, ' ').trim();

const unescaped = (title: string): string => title.replace(/^\\/, '');

/** Hours as they stand in a line: `09:00-10:30`, and `22:00-06:00+2` where the end is not the next time that the clock shows it. */
export function hoursInLine({ from, to }: Span, zone: Zone): string {
  const [start, end] = [timeOf(from, zone), timeOf(to, zone)];
  const later = daysBetween(dateOf(from, zone), dateOf(to, zone));
  const meant = end > start ? 0 : 1;
  return `${start}-${end}${later === meant ? '' : `+${later}`}`;
}

/** A number as it stands in a line: as it is said, but lengths in minutes. */
export const numberInLine = (of: Counted, value: number): string =>
  of.kind === 'minutes' ? `${value} min` : numberWords(of, value);

/** A day as text. */
export function writeDay(workspace: Workspace, date: IsoDate, zone: Zone, now: number): string {
  const day = workspace.days.get(date);
  const parts: readonly (readonly [Section, readonly string[]])[] = [
    ['plan', planLines(workspace, date, zone)],
    ['record', recordLines(workspace, date, zone, now)],
    [
      'numbers',
      workspace.settings.routines.counted.map((one) => {
        const value = day?.numbers.find(({ of }) => of === one.id)?.value;
        return `- ${titleInLine(one.name)}: ${value === undefined ? '' : numberInLine(one, value)}`.trimEnd();
      }),
    ],
    ['note', [day?.note ?? '']],
  ];
  const title = `# ${weekdayWords(date)} ${dayOfMonth(date)} ${monthWords(date)}`;
  return `${[title, ...parts.map(([section, lines]) => [`## ${heads[section]}`, ...lines].join('\n'))].join('\n\n')}\n`;
}

function planLines(workspace: Workspace, date: IsoDate, zone: Zone): string[] {
  const plan = dayPlan(workspace, date, zone);
  const keystone = workspace.days.get(date)?.keystone;
  const box = (id: string, title: string, done: boolean, hours = '') => {
    const words = titleInLine(title);
    return `- [${done ? 'x' : ' '}] ${hours}${id === keystone ? `**${words}**` : words}`;
  };
  const timed = timedThings(plan, workspace)
    .filter(({ from }) => from >= plan.span.from)
    .flatMap((thing) => {
      const hours = `${hoursInLine(thing, zone)} `;
      if (thing.kind === 'meeting') return [`- ${hours}${titleInLine(thing.event.title)}`];
      const { task, block } = thing;
      const held = heldTasks(block, workspace).map(
        ({ id, title, doneAt }) => `  ${box(id, title, doneAt !== null)}`,
      );
      return [box(task.id, task.title, task.doneAt !== null, hours), ...held];
    });
  const tray = plan.tray.flatMap(({ taskId }) => {
    const task = taskOf(workspace, taskId);
    return task ? [box(task.id, task.title, task.doneAt !== null)] : [];
  });
  return [...timed, ...tray];
}

const recordLines = (workspace: Workspace, date: IsoDate, zone: Zone, now: number): string[] => {
  const day = dayOf(date, zone);
  return entriesIn(workspace.entries, day, now)
    .filter(({ from }) => from >= day.from)
    .map(({ from, to, subject }) => {
      const hours = to === null ? `${timeOf(from, zone)}-now` : hoursInLine({ from, to }, zone);
      return `- ${hours} ${titleInLine(subjectTitle(subject, workspace))}`;
    });
};

const HOURS = /^(\d{1,2})[:.](\d\d)\s*[-–—]\s*(?:(\d{1,2})[:.](\d\d)(?:\+(\d{1,2}))?|now)\s+(.*)$/;

/** The hours that a line begins with, and what follows; null hours where it begins with none. */
function hoursOf(text: string): { from: string; hours: LineHours | null; rest: string } | null {
  const [, h1, m1, h2, m2, later, rest] = HOURS.exec(text) ?? [];
  if (h1 === undefined || m1 === undefined || rest === undefined) return null;
  const two = (hour: string) => hour.padStart(2, '0');
  const from = `${two(h1)}:${m1}`;
  const isTime = (time: string) => /^([01]\d|2[0-3]):[0-5]\d$/.test(time);
  if (!isTime(from)) return null;
  if (h2 === undefined || m2 === undefined) return { from, hours: null, rest };
  const to = `${two(h2)}:${m2}`;
  // a day ends at 24:00, too
  const [end, more] = to === '24:00' ? ['00:00', 1] : [to, to > from ? 0 : 1];
  if (!isTime(end)) return null;
  return { from, hours: { from, to: end, later: later === undefined ? more : Number(later) }, rest };
}

/** Reads a day that was written as text, as far as it can be read; what cannot is named by its line. */
export function readDay(text: string): DayText {
  const lines = text.replace(/\r\n?/g, '\n').split('\n');
  const plan: PlanLine[] = [];
  const record: RecordLine[] = [];
  const numbers: NumberLine[] = [];
  const unread: UnreadLine[] = [];
  const has = new Set<Section>();
  let section: Section | 'head' = 'head';
  let note = '';
  for (const [i, raw] of lines.entries()) {
    const line = i + 1;
    const head = sectionOf(raw);
    if (head) {
      has.add(head);
      section = head;
      if (head !== 'note') continue;
      // the note is all that follows, whatever it looks like
      note = lines
        .slice(i + 1)
        .join('\n')
        .replace(/\n$/, '');
      break;
    }
    if (raw.trim() === '' || (section === 'head' && raw.startsWith('# '))) continue;
    const item = /^(\s*)[-*]\s+(.*)$/.exec(raw);
    const words = item?.[2]?.trim() ?? '';
    const read =
      section === 'plan'
        ? add(plan, planLine(line, words, (item?.[1] ?? '').length > 1))
        : section === 'record'
          ? add(record, recordLine(line, words))
          : section === 'numbers' && add(numbers, numberLine(line, words));
    if (!read) unread.push({ line, text: raw.trim(), where: section });
  }
  return { plan, record, numbers, note, has, unread };
}

function add<T>(list: T[], item: T | null): boolean {
  if (item) list.push(item);
  return item !== null;
}

function sectionOf(line: string): Section | undefined {
  const name = /^##\s+(.*?)\s*$/.exec(line)?.[1]?.toLowerCase();
  return (Object.keys(heads) as Section[]).find((section) => heads[section].toLowerCase() === name); // of heads
}

function planLine(line: number, words: string, held: boolean): PlanLine | null {
  const [, tick, text = words] = /^\[([ xX])\]\s+(.*)$/.exec(words) ?? [];
  const found = hoursOf(text);
  const rest = found ? found.rest : text;
  if (rest.trim() === '' || (found && !found.hours) || (tick === undefined && !found)) return null;
  const bold = /^\*\*(.+)\*\*$/.exec(rest);
  return {
    line,
    title: unescaped(bold?.[1] ?? rest).trim(),
    hours: found?.hours ?? null,
    done: tick === undefined ? null : tick !== ' ',
    keystone: bold !== null,
    held,
  };
}

function recordLine(line: number, words: string): RecordLine | null {
  const found = hoursOf(words);
  return found && found.rest.trim() !== ''
    ? { line, title: unescaped(found.rest).trim(), hours: found.hours, from: found.from }
    : null;
}

function numberLine(line: number, words: string): NumberLine | null {
  const [, name, value = ''] = /^(.*?):\s*([^:]*)$/.exec(words) ?? [];
  return name === undefined ? null : { line, name: unescaped(name), value: value.trim() };
}

/** The span of a line’s hours on a day (epoch ms). */
export function spanOfHours({ from, to, later }: LineHours, date: IsoDate, zone: Zone) {
  const begin = instantOf(`${date}T${from}`, zone);
  const end = instantOf(`${addDays(date, later)}T${to}`, zone);
  return { from: begin, to: Math.max(begin + MINUTE, end) };
}
