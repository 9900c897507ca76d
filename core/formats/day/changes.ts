import { readCounted } from '../../capture/readCounted';
import { occurrencesShown } from '../../calendar/layers';
import type { Subject, TimeEntry } from '../../model/plan';
import type { Workspace } from '../../model/workspace';
import { subjectTitle } from '../../tasks/places';
import { dayOf, type IsoDate, type Zone } from '../../time/zone';
import { entriesIn } from '../../track/entries';
import { subjectOfMeeting } from '../../track/spent';
import {
  noChanges,
  takingFrom,
  type AskedDay,
  type DayChange,
  type DayChanges,
  type DayProblem,
} from './change';
import { ofPlan, placedOn } from './planChanges';
import { hoursInLine, plainTitle, spanOfHours, type DayText, type RecordLine } from './text';

/** What would change on a day that is to be as a text says. */
export function changesOfDay(
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  now: number,
  text: DayText,
): DayChanges {
  const day = { workspace, date, zone, now };
  const parts = [
    text.has.has('plan') ? ofPlan(day, text.plan) : noChanges,
    text.has.has('record') ? ofRecord(day, text.record) : noChanges,
    text.has.has('numbers') ? ofNumbers(day, text) : noChanges,
  ];
  const note = workspace.days.get(date)?.note ?? '';
  const noted: DayChange[] =
    text.has.has('note') && text.note !== note ? [{ kind: 'note', note: text.note }] : [];
  const unread = text.unread.map(({ line, text: words }): DayProblem => ({
    line,
    text: words,
    why: 'unread',
  }));
  return {
    changes: [...parts.flatMap(({ changes }) => changes), ...noted],
    problems: [...unread, ...parts.flatMap(({ problems }) => problems)].sort((a, b) => a.line - b.line),
  };
}

function ofRecord(day: AskedDay, lines: readonly RecordLine[]): DayChanges {
  const { workspace, date, zone, now } = day;
  const span = dayOf(date, zone);
  const open = entriesIn(workspace.entries, span, now).filter(
    ({ from, to }) => from >= span.from && to !== null,
  );
  const isNamed = (line: RecordLine) => (entry: TimeEntry) =>
    plainTitle(subjectTitle(entry.subject, workspace)) === plainTitle(line.title);
  const take = takingFrom(open);
  const told = lines.flatMap((line) =>
    line.hours ? [{ line, to: spanOfHours(line.hours, date, zone) }] : [],
  );
  const still = new Set(
    told.filter(({ line, to }) =>
      take(
        (entry) =>
          isNamed(line)(entry) &&
          hoursInLine({ from: entry.from, to: entry.to ?? 0 }, zone) === hoursInLine(to, zone),
      ),
    ),
  );
  const changed = told
    .filter((one) => !still.has(one))
    .map(({ line, to }): DayChange => {
      const entry = take(isNamed(line));
      const subject = entry?.subject ?? subjectNamed(day, line.title);
      return { kind: 'record', title: line.title, entryId: entry?.id ?? null, subject, to };
    });
  const gone = open.map(({ id, subject }): DayChange => ({
    kind: 'unrecord',
    title: subjectTitle(subject, workspace),
    entryId: id,
  }));
  return { changes: [...changed, ...gone], problems: [] };
}

/** What a title stands for that time went to: something of the day, any task, else something that nobody planned. */
function subjectNamed(day: AskedDay, title: string): Subject {
  const { workspace, date, zone } = day;
  const plain = plainTitle(title);
  const meeting = occurrencesShown(workspace, date, zone).find((event) => plainTitle(event.title) === plain);
  const placed = placedOn(day).find(({ task }) => plainTitle(task.title) === plain);
  const task =
    placed?.task ??
    (meeting ? undefined : workspace.tasks.values().find((one) => plainTitle(one.title) === plain));
  if (task) return { kind: 'task', taskId: task.id };
  return meeting ? subjectOfMeeting(meeting) : { kind: 'other', title };
}

function ofNumbers({ workspace, date }: AskedDay, { numbers }: DayText): DayChanges {
  const { counted } = workspace.settings.routines;
  const values = workspace.days.get(date)?.numbers ?? [];
  const changes: DayChange[] = [];
  const problems: DayProblem[] = [];
  for (const { line, name, value: typed } of numbers) {
    const one = counted.find((each) => plainTitle(each.name) === plainTitle(name));
    const value = one && readCounted(one, typed);
    if (!one || value === undefined) {
      problems.push({ line, text: `${name}: ${typed}`, why: one ? 'number' : 'unknownNumber' });
      continue;
    }
    if (value !== (values.find(({ of }) => of === one.id)?.value ?? null))
      changes.push({ kind: 'number', title: one.name, of: one.id, value });
  }
  return { changes, problems };
}
