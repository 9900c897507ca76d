import type { Chip } from '@/core/capture/chip';
import type { QuickLine } from '@/core/capture/quickLine';
import type { HeadingMeaning } from '@/core/capture/headings';
import { valueOf, type EventTime, type QuickTask } from '@/core/capture/quickTask';
import type { Template } from '@/core/model/template';
import type { Workspace } from '@/core/model/workspace';
import { dueText } from '@/core/tasks/dueWords';
import { spanOfBlock } from '@/core/tasks/places';
import { dateWords, durationWords, spanWords, timeWords } from '@/core/time/words';
import { ruleWords } from '@/core/calendar/repeat';
import { firstDayOf } from '@/core/capture/grammar/repeats';
import { addDays, dateOf, type Zone } from '@/core/time/zone';
import { templateWords } from '../parts/templateWords';

/** What was understood, in words; an hour alone of what comes again has the days of that. */
export function chipWords(
  chip: Chip,
  { chips }: QuickLine,
  workspace: Workspace,
  { zone, now }: { readonly zone: Zone; readonly now: number },
): string {
  switch (chip.kind) {
    case 'when': {
      const { date, time } = chip.value;
      const ofRepeat = chip.hourOnly && time !== null && chips.some(({ kind }) => kind === 'repeat');
      const begins = ofRepeat
        ? timeWords(time, workspace.settings.clock)
        : dueText({ date, time }, workspace.settings);
      return chip.minutes ? `${begins}, ${durationWords(chip.minutes)}` : begins;
    }
    case 'hour': {
      const begins = timeWords(chip.value, workspace.settings.clock);
      return chip.minutes ? `${begins}, ${durationWords(chip.minutes)}` : begins;
    }
    case 'days': {
      const [from, to] = [chip.value.from, chip.value.to].map((date) => dateWords(date, workspace.settings));
      return `${from} to ${to}`;
    }
    case 'due':
      return `due ${dueText(chip.value, workspace.settings)}`;
    case 'notBefore':
      return `not before ${dueText(chip.value, workspace.settings)}`;
    case 'length':
      return durationWords(chip.value);
    case 'priority':
      return `${chip.value} priority`;
    case 'energy':
      return chip.value === 'sharp' ? 'sharp hours' : 'light work';
    case 'list':
      return workspace.lists.get(chip.value)?.name ?? '';
    case 'goal':
      return `for ${workspace.goals.get(chip.value)?.title ?? ''}`;
    case 'repeat': {
      const { rule, time } = chip.value;
      const comes = ruleWords(rule, firstDayOf(rule, dateOf(now, zone)), workspace.settings);
      return time ? `${comes}, ${timeWords(time, workspace.settings.clock)}` : comes;
    }
    case 'template': {
      const template = workspace.templates.get(chip.value);
      return template ? `template ${template.name}, ${templateWords(template)}` : '';
    }
    case 'neededBy':
      return `before ${chip.value.title}`;
    case 'category':
      return workspace.categories.get(chip.value)?.name ?? '';
  }
}

/** What a heading above pasted lines would do for the lines below it, `count` of them. */
export function headingWords(
  {
    name,
    meaning,
    count,
  }: { readonly name: string; readonly meaning: HeadingMeaning; readonly count: number },
  workspace: Workspace,
): string {
  const below = count === 1 ? 'the line' : `the ${count} lines`;
  switch (meaning.kind) {
    case 'list':
      return `“${name}”: ${below} below into the list ${workspace.lists.get(meaning.listId)?.name ?? name}`;
    case 'day': {
      const when = valueOf(meaning.line, 'when');
      return `“${name}”: ${below} below on ${when ? dueText(when, workspace.settings) : name}`;
    }
    case 'newList':
      return `“${name}”: make a list of it for ${below} below`;
  }
}

/** What of a line says something of an event. */
const OF_EVENTS: ReadonlySet<Chip['kind']> = new Set(['when', 'hour', 'days', 'length', 'template']);

/** What an event of a line will be, in a sentence; what is of tasks alone is said to stay out. */
export function eventWords(
  { title, chips }: QuickLine,
  time: EventTime | undefined,
  { settings }: Workspace,
  zone: Zone,
): string {
  if (!time) return `“${title}”: an event needs a day, as in “Thu 14:30” or “1 Dec to 3 Dec”.`;
  const unused = chips.some(({ kind }) => !OF_EVENTS.has(kind));
  const last = time.kind === 'days' ? addDays(time.from, time.days - 1) : '';
  const when =
    time.kind === 'hours'
      ? spanWords(spanOfBlock(time), zone, settings)
      : `all day ${dateWords(time.from, settings)}${time.days > 1 ? ` to ${dateWords(last, settings)}` : ''}`;
  const made = `“${title}” in your calendar, ${when}.`;
  return unused ? `${made} What else was understood is of tasks and stays out.` : made;
}

/** What a line that names the template of a day will do. */
export const layWords = (
  { template, date }: { readonly template: Template; readonly date: string },
  { settings }: Workspace,
): string =>
  `Lays out ${template.name} on ${dateWords(date, settings)}, around what is there. You see it first.`;

/** What a line will make, in a sentence. */
export function madeWords(
  { task, goes, comes, goalId = '' }: QuickTask,
  workspace: Workspace,
  zone: Zone,
): string {
  const list = workspace.lists.get(task.listId)?.name ?? '';
  const goal = workspace.goals.get(goalId);
  const made = `“${task.title}” in ${list}${goal ? `, for ${goal.title}` : ''}`;
  if (task.inbox) return `“${task.title}” in the inbox.`;
  if (!goes) return `${made}, without a place in the plan.`;
  const again = comes ? `, ${ruleWords(comes.rule, comes.start.wall.slice(0, 10), workspace.settings)}` : '';
  if (goes.kind === 'tray')
    return `${made}, in the tray of ${dateWords(goes.date, workspace.settings)}${again}.`;
  return `${made}, ${spanWords(spanOfBlock(goes), zone, workspace.settings)}${again}.`;
}
