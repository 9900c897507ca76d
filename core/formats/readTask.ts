import { Temporal } from 'temporal-polyfill';
import { bounds, shortened } from '../model/bounds';
import { issueWords } from '../model/common';
import type { EventLength } from '../model/event';
import { ReadTask, type Priority } from '../model/task';
import { instantOf, type Zone } from '../time/zone';
import { linesOf, type Component, type Problem } from './contentLines';
import { wallAt, wallsIn } from './fileZones';
import { durationValue, sortLines, TooLong, type Property } from './icalProperty';
import { boundUid, Unreadable } from './readProblem';
import type { ZoneFinder } from './vendorZones';

/** A task as a file tells it. */
export type FileTask = ReadTask & { readonly uid: string };

const UNDERSTOOD = new Set(
  'UID DTSTAMP SUMMARY DESCRIPTION DUE ESTIMATED-DURATION PRIORITY STATUS COMPLETED'.split(' '),
);
/** Read for what they say of due date and estimate, and kept all the same. */
const ALSO_READ = new Set(['DTSTART', 'DURATION', 'RRULE', 'RECURRENCE-ID']);
const LEFT_OUT = 'The task was left out.';

/**
 * Reads one VTODO (RFC 5545 3.6.2). The estimate is ESTIMATED-DURATION (draft-ietf-calext-ical-tasks) or a DURATION of
 * less than a day; without DUE the task is due DURATION after DTSTART. `home` is the zone in which due hours are read.
 * Throws Unreadable when the task has to stay out.
 */
export function readTask(part: Component, findZone: ZoneFinder, home: Zone, problems: Problem[]): FileTask {
  const { all, text, kept, broken, cut } = sortLines(part, UNDERSTOOD);
  const also = sortLines({ ...part, lines: part.lines.filter(isAlsoRead) }, ALSO_READ);
  for (const { line, problem } of broken) {
    if (/^(DUE|UID)\b/i.test(line.text))
      throw new Unreadable(problem.where, problem.what, `${problem.hint} ${LEFT_OUT}`);
    problems.push({ ...problem, hint: `${problem.hint} The rest of the task came in.` });
  }
  problems.push(...cut);
  const title = text('SUMMARY') || 'Untitled';
  const status = text('STATUS').toUpperCase();
  if (status === 'CANCELLED') throw new Unreadable(part.line, `The task “${title}” is cancelled`, LEFT_OUT);
  if (also.all('RECURRENCE-ID').length > 0)
    throw new Unreadable(part.line, `“${title}” changes one time of a repeating task`, LEFT_OUT);
  const [rule] = also.all('RRULE');
  if (rule)
    problems.push({
      where: rule.line,
      what: `The task “${title}” repeats`,
      hint: 'It came in once; its rule is kept for export.',
    });
  const walls = (property: Property) => wallsIn(property, findZone);
  const [start] = also.all('DTSTART').flatMap(walls);
  const [length] = also.all('DURATION').map((property) => durationOf(property));
  const [due] = all('DUE').flatMap(walls);
  const dueWall = due ? wallAt(due, home) : start && length && laterBy(wallAt(start, home), length);
  const [completed] = all('COMPLETED').flatMap(walls);
  const [estimate] = all('ESTIMATED-DURATION').map((property) => durationOf(property, FOREVER));
  const working = estimate ?? (length && length.days === 0 ? length : undefined);
  const minutes = working ? Math.round(working.days * 1440 + working.seconds / 60) : 0;
  if (minutes > bounds.estimateMinutes)
    problems.push({
      where: part.line,
      what: `The estimate of “${title}” is longer than any task may take`,
      hint: 'The task came in without an estimate.',
    });
  const task = {
    uid: boundUid(text('UID') || shortened(title, bounds.uid), title, part, LEFT_OUT),
    title,
    notes: text('DESCRIPTION'),
    estimate: minutes > 0 && minutes <= bounds.estimateMinutes ? minutes : null,
    priority: priorityOf(Number.parseInt(text('PRIORITY'), 10) || 0),
    due: dueWall ? { date: dueWall.slice(0, 10), time: dueWall.slice(11, 16) || null } : null,
    done: status === 'COMPLETED' || completed !== undefined,
    doneAt: within(completed && instantOf(completed.wall, completed.zone ?? home)),
    kept: [
      ...kept,
      ...(status === 'IN-PROCESS' ? ['STATUS:IN-PROCESS'] : []),
      ...part.parts.flatMap(linesOf),
    ],
  };
  const odd = ReadTask.safeParse(task);
  if (odd.success) return task;
  throw new Unreadable(part.line, `The task has a wrong value (${issueWords(odd.error)})`, LEFT_OUT);
}

/** An instant of the years that are kept, or none. */
const within = (instant: number | undefined): number | null =>
  instant !== undefined && instant >= bounds.earliest && instant <= bounds.latest ? instant : null;

const isAlsoRead = ({ text }: { text: string }) => /^(DTSTART|DURATION|RRULE|RECURRENCE-ID)[;:]/i.test(text);

/** What a length that is longer than any may be counts as, where it does no harm. */
const FOREVER = { days: 0, seconds: Infinity };

function durationOf(property: Property, tooLong?: EventLength): EventLength {
  try {
    return durationValue(property);
  } catch (error) {
    if (tooLong && error instanceof TooLong) return tooLong;
    throw new Unreadable(property.line, `${property.name} “${property.raw}” is no length`, LEFT_OUT);
  }
}

function laterBy(wall: string, { days, seconds }: { days: number; seconds: number }): string {
  if (wall.length === 10) return Temporal.PlainDate.from(wall).add({ days }).toString();
  return Temporal.PlainDateTime.from(wall).add({ days, seconds }).toString({ smallestUnit: 'second' });
}

/** RFC 5545 3.8.1.9: 1 is the highest, 9 the lowest, 0 undefined. */
function priorityOf(level: number): Priority {
  if (level === 0 || level === 5) return 'normal';
  if (level === 1) return 'urgent';
  return level < 5 ? 'high' : 'low';
}
