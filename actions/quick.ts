import { ruleWords } from '@/core/calendar/repeat';
import type { QuickTask } from '@/core/capture/quickTask';
import { addCaptured } from '@/core/commands/capture';
import { clockWords, dateWords, durationWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace, newId, store } from '@/state/workspaceStore';

/** Where a task of a line has gone, in words. */
function placedWords({ goes, comes }: QuickTask): string {
  if (!goes) return '';
  const { clock } = currentWorkspace().settings;
  const { zone } = here();
  const again = comes ? `, ${ruleWords(comes.rule, comes.start.wall.slice(0, 10))}` : '';
  if (goes.kind === 'tray') return `, in the tray of ${dateWords(goes.date)}${again}`;
  const { start, minutes } = goes;
  return `: ${dateWords(dateOf(start, zone))}, ${clockWords(start, zone, clock)}, ${durationWords(minutes)}${again}`;
}

/** Makes what lines say, in one step. Returns whether it went through. */
export function makeOfLines(quick: readonly QuickTask[]): boolean {
  const all = quick.map((each) => ({ ...each, placeId: newId(), repeatId: newId() }));
  const [first] = quick;
  const words =
    first && quick.length === 1
      ? `Added ${first.task.title}${placedWords(first)}`
      : `Added ${quick.length} tasks`;
  return store.run(addCaptured, { all }, words);
}
