import type { Id } from '@/core/model/common';
import type { Workspace } from '@/core/model/workspace';
import { newsOf, taskNewsOf } from '@/core/outside/news';
import { newsLine } from '@/core/outside/newsWords';
import { freedBy } from '@/core/plan/freed';
import { weeksWithLate } from '@/core/plan/late';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { addNews } from '@/state/outside';
import type { Step } from '@/state/steps';
import { newId, realWorkspace, store } from '@/state/workspaceStore';
import { announce } from '@/ui/announce';

/** So many things of one look at a calendar are told one by one. */
const MOST_ITEMS = 50;

/** The steps that brought what is new, as long as the page is open. */
const steps = new Map<Id, Step>();

/** What may have changed, by its ids. */
type Touched = { readonly events: readonly Id[]; readonly tasks?: readonly Id[] };

/** Tells what a step that came from outside has changed since `before`, and what that does to the plan. */
export function tell(calendarId: Id, before: Workspace, step: Step, { events, tasks = [] }: Touched): void {
  const after = realWorkspace();
  const { zone, now } = here();
  const today = dateOf(now, zone);
  const items = newsOf(before, after, events, zone, now);
  const told = taskNewsOf(before, after, tasks);
  if (items.length === 0 && told.length === 0) return;
  const news = {
    id: newId(),
    at: now,
    calendarId,
    calendar: after.calendars.get(calendarId)?.name ?? '',
    items: items.slice(0, MOST_ITEMS),
    tasks: told.slice(0, MOST_ITEMS),
    more: Math.max(0, items.length - MOST_ITEMS) + Math.max(0, told.length - MOST_ITEMS),
    freed: freedBy(before, after, zone, now),
    late: weeksWithLate(before, after, zone, today),
  };
  addNews(news);
  steps.set(news.id, step);
  announce(newsLine(news, { today, zone, style: after.settings }));
}

/** Whether what one look brought can be taken back, and doing so. */
export function canTakeBack(newsId: Id, past: readonly Step[]): boolean {
  const step = steps.get(newsId);
  return step !== undefined && past.includes(step);
}
export const takeBack = (newsId: Id): void => {
  const step = steps.get(newsId);
  if (step) store.undo(step);
};
