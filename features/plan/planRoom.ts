import { forText } from '@/ui/textScale';

/** The bar of places on a wide screen, in pixels. */
export const PLACES = 84;
/** What stands beside the days on a wide screen, in pixels: as narrow as it may get, and as wide as it wants to be. */
export const TASKS = { least: forText(250), most: forText(300) };
const DETAILS = { least: forText(260), most: forText(308) };
/** The edge that the tasks to place fold to. */
export const EDGE = forText(44);
/** The least width of one of several days in which its titles can be read. */
export const LEAST_DAY = forText(90);
/** The least width of the days where what stands above them is not in one column. */
const LEAST_BOARD = forText(604);

export type Asked = {
  readonly width: number;
  readonly ruler: number;
  /** How many days the view shows. */
  readonly days: number;
  /** The tasks to place: away, there if there is room, or there by all means. */
  readonly tasks: 'away' | 'ifRoom' | 'always';
  /** The details: closed, there if there is room for all else, or open. */
  readonly details: 'away' | 'ifRoom' | 'open';
};

export type PlanRoom = {
  /** How wide the tasks to place are; 0 while they are away or folded to their edge. */
  readonly tasks: number;
  readonly folded: boolean;
  readonly details: number;
  readonly board: number;
  /** How many days stand side by side. */
  readonly days: number;
};

/**
 * What stands beside the days on a wide screen, by what the days need (all in pixels): the tasks to place give way first and
 * fold to their edge, then fewer days are shown.
 */
export function planRoom({ width, ruler, days, ...asked }: Asked): PlanRoom {
  const beside = width - PLACES;
  const needed = Math.max(LEAST_BOARD, ruler + days * LEAST_DAY);
  const hasRoom = (...panes: number[]) => panes.reduce((left, pane) => left - pane, beside) >= needed;
  const details =
    asked.details === 'open' || (asked.details === 'ifRoom' && hasRoom(DETAILS.least, TASKS.least))
      ? DETAILS.least
      : 0;
  const shown = asked.tasks === 'always' || (asked.tasks === 'ifRoom' && hasRoom(details, TASKS.least));
  const folded = asked.tasks !== 'away' && !shown;
  const tasks = shown ? TASKS.least : 0;
  const spare = Math.max(0, beside - details - tasks - (folded ? EDGE : 0) - needed);
  const widerTasks = shown ? Math.min(spare, TASKS.most - TASKS.least) : 0;
  const widerDetails = details > 0 ? Math.min(spare - widerTasks, DETAILS.most - DETAILS.least) : 0;
  const board = beside - tasks - widerTasks - details - widerDetails - (folded ? EDGE : 0);
  return {
    tasks: tasks + widerTasks,
    folded,
    details: details + widerDetails,
    board,
    days: Math.max(1, Math.min(days, Math.floor((board - ruler) / LEAST_DAY))),
  };
}
