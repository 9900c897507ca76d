import type { Chip } from '@/core/capture/quickLine';
import type { QuickTask } from '@/core/capture/quickTask';
import type { Due } from '@/core/model/task';
import type { Workspace } from '@/core/model/workspace';
import { clockWords, dateWords, durationWords, timeWords } from '@/core/time/words';
import { dateOf, type Zone } from '@/core/time/zone';

const momentWords = ({ date, time }: Due, { settings }: Workspace): string =>
  time === null ? dateWords(date) : `${dateWords(date)}, ${timeWords(time, settings.clock)}`;

/** What was understood, in words. */
export function chipWords(chip: Chip, workspace: Workspace): string {
  switch (chip.kind) {
    case 'when':
      return momentWords(chip.value, workspace);
    case 'due':
      return `due ${momentWords(chip.value, workspace)}`;
    case 'length':
      return durationWords(chip.value);
    case 'priority':
      return `${chip.value} priority`;
    case 'energy':
      return chip.value === 'sharp' ? 'sharp hours' : 'light work';
    case 'list':
      return workspace.lists.get(chip.value)?.name ?? '';
    case 'category':
      return workspace.categories.get(chip.value)?.name ?? '';
  }
}

/** What a line will make, in a sentence. */
export function madeWords({ task, goes }: QuickTask, workspace: Workspace, zone: Zone): string {
  const list = workspace.lists.get(task.listId)?.name ?? '';
  const made = `“${task.title}” in ${list}`;
  if (!goes) return `${made}, without a place in the plan.`;
  if (goes.kind === 'tray') return `${made}, in the tray of ${dateWords(goes.date)}.`;
  const { clock } = workspace.settings;
  const end = goes.start + goes.minutes * 60_000;
  return `${made}, ${dateWords(dateOf(goes.start, zone))}, ${clockWords(goes.start, zone, clock)} – ${clockWords(end, zone, clock)}.`;
}
