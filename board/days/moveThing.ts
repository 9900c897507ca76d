import { moveToDay } from '@/actions/events';
import { relocate } from '@/actions/places';
import { titleOfThing, type Thing } from '@/core/plan/things';
import { dateWords } from '@/core/time/words';
import { addDays, dateOf, sameHourOn } from '@/core/time/zone';
import { here } from '@/state/here';
import { currentWorkspace } from '@/state/workspaceStore';
import { webProps } from '@/ui/dom';

/** Moves a thing of a day by some days; what is only due has no place to be moved from. */
function moveThing(thing: Thing, days: number): void {
  const { zone } = here();
  const dayOn = (instant: number) => addDays(dateOf(instant, zone), days);
  const said = (date: string) => `${titleOfThing(thing)}: ${dateWords(date, currentWorkspace().settings)}`;
  if ('event' in thing) moveToDay(thing.event, dayOn(thing.event.from));
  else if (thing.kind === 'block') {
    const { start, minutes } = thing.block;
    const date = dayOn(start);
    void relocate(thing.block, { start: sameHourOn(date, start, zone), minutes }, said(date));
  } else if (thing.kind === 'tray') {
    const date = addDays(thing.item.date, days);
    void relocate(thing.item, { date }, said(date));
  }
}

const DAYS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

/** Makes a View around a line one that is moved by Shift and the arrows: by a day, or by a week. */
export const movedByKeys = (thing: Thing): object =>
  webProps({
    onKeyDown: (event) => {
      const days = event.shiftKey ? DAYS[event.key] : undefined;
      if (days === undefined) return;
      event.preventDefault();
      event.stopPropagation();
      moveThing(thing, days);
    },
  });
