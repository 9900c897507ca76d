import type { WeekPage } from '../model/weekPage';
import type { Workspace } from '../model/workspace';
import { pageOf } from '../weekly/pages';
import type { IsoDate } from '../time/zone';
import type { Seal } from '../model/seal';
import { command, put } from './command';
import { sealWeek } from './seals';

/** The workspace with something else said of a week. */
const saidOfWeek = (workspace: Workspace, week: IsoDate, changes: Partial<WeekPage>): Workspace =>
  put(workspace, 'weeks', { ...(pageOf(workspace, week) ?? { id: week, text: '' }), ...changes });

/** Writes the page of a week, Markdown. */
export const writeWeek = command(
  'write about the week',
  (workspace, { week, text }: { week: IsoDate; text: string }) => saidOfWeek(workspace, week, { text }),
);

type Ending = {
  readonly week: IsoDate;
  /** Epoch ms. */
  readonly at: number;
  /** How long the review took. */
  readonly minutes: number;
  /** The seal of the coming week, where it is sealed along with it. */
  readonly seal: Seal | null;
  readonly today: IsoDate;
};

/** Says that the review of a week has been gone through, and seals the coming week with it. Fails where that cannot be sealed. */
export const endReview = command(
  'end the weekly review',
  (workspace, { week, at, minutes, seal, today }: Ending) => {
    const ended = saidOfWeek(workspace, week, { endedAt: at, minutes: Math.max(1, Math.round(minutes)) });
    return seal ? sealWeek.apply(ended, { seal, today }) : ended;
  },
);
