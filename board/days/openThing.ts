import type { Thing } from '@/core/plan/things';
import { openPanel } from '@/ui/panels';

/** Where in the plan a thing stands, if it is a task’s. */
export function placeOfThing(thing: Thing): { readonly blockId?: string; readonly trayId?: string } {
  if (thing.kind === 'block') return { blockId: thing.block.id };
  return thing.kind === 'tray' ? { trayId: thing.item.id } : {};
}

/** Opens the details of a thing of a day. */
export function openThing(thing: Thing): void {
  if ('event' in thing) openPanel({ kind: 'meeting', meeting: thing.event });
  else if (thing.kind === 'note') openPanel({ kind: 'dayNote', date: thing.date });
  else openPanel({ kind: 'task', id: thing.task.id, ...placeOfThing(thing) });
}
