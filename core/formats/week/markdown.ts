import { standingWords } from '../../goals/words';
import type { Workspace } from '../../model/workspace';
import { durationWords, signedWords, stretchWords } from '../../time/words';
import { rangeSoFar, stretchAround } from '../../time/stretch';
import type { IsoDate, Zone } from '../../time/zone';
import { sumsOf } from '../../review/ledger';
import { rowsIn } from '../../review/rowsIn';
import { doneInWeek } from '../../weekly/week';
import { pageOf, pagesOf } from '../../weekly/pages';
import { atOnce } from '../../working';

/** What stands in a list of Markdown, so that none of it is taken for marks (CommonMark 0.31, 2.4). */
const plain = (text: string) => text.replace(/[\\`*_[\]<>#|]/g, '\\$&').replace(/\s+/g, ' ');

/** A week as Markdown: its hours, what its goals got, what was done by list, and what was written about it. */
export function weekMarkdown(workspace: Workspace, week: IsoDate, zone: Zone, now: number): string {
  const stretch = stretchAround('week', week, workspace.settings.weekStart);
  const range = rangeSoFar(stretch, zone, now);
  const { planned, actual, drift } = sumsOf(
    atOnce(rowsIn(workspace, { range, zone, now, yardstick: 'last' })),
  );
  const done = doneInWeek(workspace, week, zone, now);
  const goals = done.goals.map(
    ({ standing }) => `- ${plain(standing.goal.title)}: ${standingWords(standing)}`,
  );
  const lists = done.lists.map(({ list, minutes, tasks }) => {
    const titles = tasks.map(({ title }) => plain(title)).join(', ');
    return `- ${plain(list.name)}: ${durationWords(minutes)}${titles === '' ? '' : ` (${titles})`}`;
  });
  const parts = [
    `# ${stretchWords(stretch, workspace.settings)}`,
    `${durationWords(planned)} planned, ${durationWords(actual)} done, drift ${signedWords(drift)}.`,
    ...(goals.length > 0 ? ['## Goals', goals.join('\n')] : []),
    ...(lists.length > 0 ? ['## Done', lists.join('\n')] : []),
    pageOf(workspace, week)?.text.trim() ?? '',
  ];
  return `${parts.filter((part) => part !== '').join('\n\n')}\n`;
}

/** All pages that were written, one after the other, the latest week first, with a line between. */
export const allWeeksMarkdown = (workspace: Workspace): string =>
  pagesOf(workspace)
    .filter(({ text }) => text.trim() !== '')
    .map(({ id, text }) => {
      const stretch = stretchAround('week', id, workspace.settings.weekStart);
      return `# ${stretchWords(stretch, workspace.settings)}\n\n${text.trim()}\n`;
    })
    .join('\n---\n\n');
