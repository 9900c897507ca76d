import { anywhere, byName, inThePlan, inTheTasks, onAThing, type Line } from './keyTable';

/* All keys as they are shown, and those that the first screen has no use for. */

const inTheInbox = [
  { shown: '1 … 4', what: '10 minutes, half an hour, an hour, two hours' },
  { name: 'other', key: 'o', what: 'another length, typed' },
  { shown: '← →', what: 'on which day' },
  { name: 'due', key: 'b', what: 'by when, typed' },
  { name: 'meeting', key: 'm', what: 'before the meeting that is offered' },
  { name: 'file', key: 'i', what: 'into the next list' },
  { name: 'steps', key: 'e', what: 'break it down into steps' },
  { name: 'park', key: 'p', what: 'park it' },
  { name: 'off', key: 'Delete', what: 'delete it' },
  { name: 'leave', key: 'v', what: 'leave it in the inbox' },
  { shown: 'Enter', what: 'take it as it is said, and go on; with nothing said it stays' },
] as const satisfies readonly Line[];

/** The keys while the inbox is gone through. */
export const inboxKeys = byName(inTheInbox);

const inADecision = [
  { shown: '1 … 3', what: 'the first, second or third that is offered; Enter the first place' },
  { name: 'tray', key: 't', what: 'into the tray of the day' },
  { name: 'other', key: 'o', what: 'another day or hour' },
  { name: 'smaller', key: 'e', what: 'make it smaller' },
  { name: 'later', key: 'p', what: 'park it, hide it or put it off' },
  { name: 'done', key: 'f', what: 'done' },
  { name: 'off', key: 'Delete', what: 'delete it' },
  { name: 'leave', key: 'v', what: 'keep it as it is' },
] as const satisfies readonly Line[];

/** The keys while something that is left is decided on. */
export const decisionKeys = byName(inADecision);

const inTheQuickLine = [
  { shown: 'Enter', what: 'make what the line says' },
  { shown: 'Shift Enter', what: 'go on to notes' },
  { shown: 'Alt Enter', what: 'an event of it' },
  { shown: 'Ctrl Enter', what: 'a scratch note of it' },
  { shown: '↑', what: 'the last line once more, while it is empty' },
] as const satisfies readonly Line[];

const inTheFrame = [
  { shown: '↑ ↓ ← →', what: 'to another hour or day; on a zone they move it' },
  { shown: 'Shift and arrows', what: 'mark hours and days; on a zone longer or shorter' },
  { shown: 'Enter', what: 'paint what is marked; open the zone' },
  { shown: 'Delete', what: 'delete the zone' },
] as const satisfies readonly Line[];

const inTheTable = [
  { shown: '↑ ↓ ← →', what: 'to another cell; with Ctrl to the end, with Shift they mark' },
  { shown: 'Enter, or typing', what: 'edit the cell; Enter keeps it, Tab goes on, Escape leaves it' },
  { shown: 'Ctrl Enter', what: 'open the task' },
  { shown: 'Space', what: 'choose the rows that are marked' },
  { shown: 'Ctrl C, Ctrl V', what: 'copy and paste cells' },
  { shown: 'Ctrl D', what: 'fill the first marked row down' },
  { shown: 'Delete', what: 'empty the cells' },
  { shown: 'Alt ↑ ↓', what: 'sort by the column, up or down' },
  { shown: 'Alt Shift ← →', what: 'the column further to the left or to the right' },
  { shown: 'Alt + −', what: 'the column wider or narrower' },
] as const satisfies readonly Line[];

/** The keys of a line as they are shown. */
export const shownKeys = ({ shown, key = '' }: Line): string =>
  shown ?? (key.length === 1 ? key.toUpperCase() : key);

/** The table as it is shown: groups of keys and what they do. */
export const keyGroups: readonly { readonly name: string; readonly lines: readonly Line[] }[] = [
  { name: 'Anywhere', lines: anywhere },
  { name: 'In the plan', lines: inThePlan },
  { name: 'On a task, a block or an event', lines: onAThing },
  { name: 'In the list of tasks', lines: inTheTasks },
  { name: 'In the quick line', lines: inTheQuickLine },
  { name: 'Going through the inbox', lines: inTheInbox },
  { name: 'Deciding on what is left', lines: inADecision },
  { name: 'In the table of tasks', lines: inTheTable },
  { name: 'Shaping the week', lines: inTheFrame },
];
