import { currentWorkspace } from '@/state/workspaceStore';

/*
 * All keys that do something, in one table: who handles a key asks for it by the name of what it does, and the list that
 * the person sees is drawn from the same lines.
 */

export type Line = {
  /** What it is called by those who handle it; several keys of a kind have a name each. */
  readonly name?: string;
  /** The value of `KeyboardEvent.key` (UI Events, W3C). */
  readonly key?: string;
  /** The keys as they are shown, where that is not the key itself. */
  readonly shown?: string;
  readonly what: string;
};

export const anywhere = [
  { name: 'help', key: '?', what: 'this list' },
  { shown: '1 … 6', what: 'Today, Plan, Tasks, Review, Frame, Settings' },
  { name: 'quick', key: 'l', what: 'the quick line: a task in plain words' },
  { name: 'find', key: 'o', what: 'look for anything by its words' },
  { name: 'newTask', key: 'w', what: 'write down a task' },
  { name: 'stop', key: 's', what: 'stop the timer that runs' },
  { name: 'interrupt', key: 'u', what: 'time something else that came in; once more goes back' },
  { name: 'now', key: 'k', what: 'what now, in large letters; once more back to Today' },
  { name: 'opening', key: 'y', what: 'open the day: choose what it is for' },
  { name: 'close', key: 'c', what: 'close the day' },
  { name: 'bend', key: 'r', what: 'move the rest of the day along' },
  { name: 'said', key: 'm', what: 'the recent notices, and what they offered' },
  { shown: 'Tab', what: 'the next thing; with Shift the one before' },
  { shown: 'Enter', what: 'open it, or press it; once more goes into what it opened' },
  { shown: 'Escape', what: 'close, or leave it where it was' },
  { shown: 'Ctrl or ⌘ Z', what: 'undo; with Shift do it again' },
] as const satisfies readonly Line[];

export const inThePlan = [
  { name: 'earlier', key: 'ArrowLeft', shown: '← →', what: 'earlier and later days' },
  { name: 'later', key: 'ArrowRight', what: '' },
  { name: 'today', key: 'Home', what: 'today, and there what is on or comes next' },
  { name: 'next', key: 'n', shown: 'N P', what: 'the next task, block or event; the one before' },
  { name: 'previous', key: 'p', what: '' },
  { name: 'zones', key: 'z', what: 'zones of the frame shown, or hidden' },
  { name: 'new', key: 'a', what: 'add something at the next free hour' },
  { name: 'inSight', key: 'v', what: 'what is in sight, and in which colours' },
  { name: 'fits', key: 'b', what: 'whether all fits that is due' },
  { name: 'details', key: 'q', what: 'into the details beside the plan, and back' },
  { shown: 'Shift 1 … 6', what: 'Day, Days, Week, Working week, Month, Agenda' },
] as const satisfies readonly Line[];

export const inTheTasks = [
  { name: 'narrow', key: 'v', what: 'narrow them down by when they are due, or by their estimate' },
] as const satisfies readonly Line[];

export const onAThing = [
  { shown: 'Space', what: 'pick it up, and drop it' },
  { shown: '↑ ↓', what: 'a quarter hour earlier or later; with Ctrl five minutes' },
  { shown: 'Page ↑ ↓', what: 'an hour earlier or later' },
  { shown: '← →', what: 'a day earlier or later' },
  { shown: 'Shift ↑ ↓', what: 'shorter or longer' },
  { shown: 'Shift and arrows', what: 'in the month and the agenda: a day, or a week, earlier or later' },
  { name: 'done', key: 'f', what: 'done, or open again' },
  { name: 'timer', key: 's', what: 'start the timer on it, or stop it' },
  { name: 'time', key: 'e', what: 'the time spent on it, to correct' },
  { name: 'pin', key: 'h', what: 'of a block: pin it where it is, or let it go' },
  { name: 'join', key: 'j', what: 'of a meeting: join it' },
  { name: 'tray', key: 't', what: 'into the tray of the day' },
  { name: 'group', key: 'g', what: 'into a group block of the day' },
  {
    name: 'file',
    key: 'i',
    what: 'of a task without a place: into a list or a category, one after the other',
  },
  { name: 'choose', key: 'x', what: 'choose it, to do the same with several' },
  { name: 'again', key: 'd', what: 'once more, right after it' },
  { name: 'off', key: 'Delete', what: 'off the plan; an event is deleted' },
] as const satisfies readonly Line[];

type Named<L extends readonly Line[]> = Extract<L[number], { name: string; key: string }>;

/** The keys of some lines by the name of what they do. */
export const byName = <L extends readonly Line[]>(lines: L) =>
  // the lines are those of L
  Object.fromEntries(lines.flatMap(({ name, key }) => (name && key ? [[name, key]] : []))) as {
    readonly [Name in Named<L>['name']]: string;
  };

/** The keys by the name of what they do. */
export const keys = {
  anywhere: byName(anywhere),
  inThePlan: byName(inThePlan),
  inTheTasks: byName(inTheTasks),
  onAThing: byName(onAThing),
};

/** Whether a key belongs to what is typed. */
export const isTyping = ({ target }: KeyboardEvent): boolean =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;

/** The key that was pressed; a letter without Shift is the same with Caps Lock. */
export const keyOf = ({ key, shiftKey }: KeyboardEvent): string =>
  key.length === 1 && !shiftKey ? key.toLowerCase() : key;

/** Whether a key belongs to what is typed, to a shortcut of the browser, or is a single sign and those are switched off. */
export const isTaken = (event: KeyboardEvent): boolean =>
  isTyping(event) ||
  event.ctrlKey ||
  event.metaKey ||
  event.altKey ||
  (event.key.length === 1 && !currentWorkspace().settings.letterKeys);
