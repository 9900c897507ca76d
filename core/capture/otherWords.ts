import { goalsAhead } from '../tasks/goals';
import { categoriesOf } from '../model/categories';
import type { Due } from '../model/task';
import type { Workspace } from '../model/workspace';
import { openLists } from '../tasks/lists';
import { inRank } from '../tasks/order';
import { dateWords } from '../time/words';
import { addDays, dateOf } from '../time/zone';
import type { Chip, Reader } from './chip';

/** Days from today that a day is changed to: the coming week, and a fortnight from now. */
const DAYS = [0, 1, 2, 3, 4, 5, 6, 7, 14];
/** Meetings that a task may be needed before. */
const MOST = 6;

const days = ({ now, zone, workspace }: Reader, { time }: Due): string[] =>
  DAYS.map(
    (ahead) =>
      dateWords(addDays(dateOf(now, zone), ahead), workspace.settings) + (time === null ? '' : ` ${time}`),
  );

/** What else could stand in the place of a chip's words, each said so that it is understood as the same kind of thing. */
function others(chip: Chip, reader: Reader): string[] {
  const { workspace, meetings } = reader;
  switch (chip.kind) {
    case 'when':
      return chip.hourOnly ? [] : days(reader, chip.value);
    case 'due':
      return days(reader, chip.value).map((day) => `by ${day}`);
    case 'notBefore':
      return days(reader, chip.value).map((day) => `not before ${day}`);
    case 'hour':
    case 'days':
      return [];
    case 'length':
      return ['15m', '30m', '45m', '1h', '1h30', '2h', '3h'];
    case 'priority':
      return ['urgent priority', 'high priority', 'normal priority', 'low priority'];
    case 'energy':
      return ['needs sharp hours', 'needs light hours'];
    case 'list':
      return openLists(workspace).map(({ name }) => `in list ${name}`);
    case 'category':
      return categoriesOf(workspace as Workspace).map(({ name }) => `category ${name}`); // it reads the categories alone
    case 'goal':
      return goalsAhead(workspace, dateOf(reader.now, reader.zone)).map(({ title }) => `for goal ${title}`);
    case 'repeat':
      return ['every day', 'every weekday', 'every week', 'every other week', 'every month'];
    case 'neededBy':
      return [...new Set(meetings.map(({ title }) => title))]
        .slice(0, MOST)
        .map((title) => `before ${title}`);
    case 'template':
      return inRank(workspace.templates).map(({ name }) => name);
  }
}

/** A line in which other words stand in the place of a chip's; of a chip without words, after those that are there. */
const reworded = (line: string, { from, to }: Chip, words: string): string =>
  line.slice(0, from) + (from === to && /\S$/.test(line) ? ' ' : '') + words + line.slice(to);

/**
 * The lines that a typed line becomes when one chip is changed, each with the chip as it is understood then. A line in which
 * the words would be understood otherwise, or just as before, is left out. `read` reads a line as the typed one was read.
 */
export function changesOf(
  line: string,
  chip: Chip,
  reader: Reader,
  read: (line: string) => readonly Chip[],
): { readonly line: string; readonly chip: Chip }[] {
  const before = JSON.stringify(chip.value);
  return others(chip, reader).flatMap((words) => {
    const changed = reworded(line, chip, words);
    const now = read(changed).find(
      ({ kind, from }) => kind === chip.kind && from >= chip.from && from <= chip.from + 1,
    );
    return now && JSON.stringify(now.value) !== before ? [{ line: changed, chip: now }] : [];
  });
}
