import type { Chip } from '@/core/capture/chip';
import type { QuickLine } from '@/core/capture/quickLine';
import type { QuickTask } from '@/core/capture/quickTask';
import type { Workspace } from '@/core/model/workspace';
import { dueText } from '@/core/tasks/dueWords';
import { spanOfBlock } from '@/core/tasks/places';
import { dateWords, durationWords, spanWords, timeWords } from '@/core/time/words';
import { ruleWords } from '@/core/calendar/repeat';
import { firstDayOf } from '@/core/capture/grammar/repeats';
import { dateOf, type Zone } from '@/core/time/zone';

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
    case 'repeat': {
      const { rule, time } = chip.value;
      const comes = ruleWords(rule, firstDayOf(rule, dateOf(now, zone)), workspace.settings);
      return time ? `${comes}, ${timeWords(time, workspace.settings.clock)}` : comes;
    }
    case 'template': {
      const template = workspace.templates.get(chip.value);
      return template ? `template ${template.name}, ${durationWords(template.minutes)}` : '';
    }
    case 'neededBy':
      return `before ${chip.value.title}`;
    case 'category':
      return workspace.categories.get(chip.value)?.name ?? '';
  }
}

/** What an event of a line will be, in a sentence; what is of tasks alone is said to stay out. */
export function eventWords(
  { title, chips }: QuickLine,
  hours: { start: number; minutes: number } | undefined,
  { settings }: Workspace,
  zone: Zone,
): string {
  if (!hours) return `“${title}”: an event needs a day and an hour, as in “Thu 14:30”.`;
  const unused = chips.some(({ kind }) => kind !== 'when' && kind !== 'length');
  const made = `“${title}” in your calendar, ${spanWords(spanOfBlock(hours), zone, settings)}.`;
  return unused ? `${made} What else was understood is of tasks and stays out.` : made;
}

/** What a line will make, in a sentence. */
export function madeWords({ task, goes, comes }: QuickTask, workspace: Workspace, zone: Zone): string {
  const list = workspace.lists.get(task.listId)?.name ?? '';
  const made = `“${task.title}” in ${list}`;
  if (task.inbox) return `“${task.title}” in the inbox.`;
  if (!goes) return `${made}, without a place in the plan.`;
  const again = comes ? `, ${ruleWords(comes.rule, comes.start.wall.slice(0, 10), workspace.settings)}` : '';
  if (goes.kind === 'tray')
    return `${made}, in the tray of ${dateWords(goes.date, workspace.settings)}${again}.`;
  return `${made}, ${spanWords(spanOfBlock(goes), zone, workspace.settings)}${again}.`;
}
