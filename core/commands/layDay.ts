import type { Id } from '../model/common';
import type { ChecklistItem } from '../model/day';
import { addCaptured, type Captured } from './capture';
import { said } from './closing';
import { command } from './command';
import { addIntention } from './intentions';

type Brought = {
  readonly date: string;
  readonly all: readonly Captured[];
  readonly intentions: readonly { readonly id: Id; readonly text: string }[];
  readonly checklist: readonly Omit<ChecklistItem, 'days'>[];
};

/** Brings to a day what its template has: tasks with their blocks and places in the tray, intentions, lines of the checklist. */
export const layDay = command(
  'lay out the day',
  (workspace, { date, all, intentions, checklist }: Brought) => {
    const planned = addCaptured.apply(workspace, { all });
    const meant = intentions.reduce(
      (now, { id, text }) => addIntention.apply(now, { id, text, span: 'day', date, doneAt: null }),
      planned,
    );
    if (checklist.length === 0) return meant;
    return said(meant, date, (day) => ({ ...day, checklist: [...(day.checklist ?? []), ...checklist] }));
  },
);
