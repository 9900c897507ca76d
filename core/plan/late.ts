import type { Occurrence } from '../calendar/occurrences';
import { isPutOff, type Seal } from '../model/seal';
import type { Workspace } from '../model/workspace';
import { hasEnded } from '../time/week';
import { datesFrom, type IsoDate, type Zone } from '../time/zone';
import { dayPlan } from './dayPlan';
import { sinceSeal } from './sinceSeal';

/** The occurrences of a sealed week, each once, by start. */
function occurrencesOf(workspace: Workspace, { id }: Seal, zone: Zone): Occurrence[] {
  const all = datesFrom(id, 7).flatMap((date) => {
    const { meetings, allDay } = dayPlan(workspace, date, zone);
    return [...allDay, ...meetings];
  });
  return [...new Map(all.map((occurrence) => [occurrence.id, occurrence])).values()];
}

/** The meetings from calendar files that have come into a sealed week since, and have not been answered; by start. */
export function lateMeetings(workspace: Workspace, seal: Seal, zone: Zone): Occurrence[] {
  const { drifts } = sinceSeal(workspace, seal, zone);
  const added = new Set(
    drifts.flatMap(({ what, change, id }) => (what === 'meeting' && change === 'added' ? [id] : [])),
  );
  if (added.size === 0) return [];
  const answered = new Set(seal.answers.map(({ meeting }) => meeting));
  return occurrencesOf(workspace, seal, zone).filter(
    ({ id, eventId }) =>
      added.has(id) && !answered.has(id) && workspace.events.get(eventId)?.madeHere !== true,
  );
}

/** The sealed weeks that have not ended into which meetings have come since `before`, by first day, with how many. */
export const weeksWithLate = (
  before: Workspace,
  workspace: Workspace,
  zone: Zone,
  today: IsoDate,
): { week: IsoDate; count: number }[] =>
  workspace.seals
    .values()
    .filter(({ id, openedAt }) => openedAt === null && !hasEnded(id, today))
    .map((seal) => {
      const waited = new Set(lateMeetings(before, seal, zone).map(({ id }) => id));
      const late = lateMeetings(workspace, seal, zone).filter(({ id }) => !waited.has(id));
      return { week: seal.id, count: late.length };
    })
    .filter(({ count }) => count > 0)
    .sort((a, b) => a.week.localeCompare(b.week));

/** The meetings of a sealed week that were put off. */
export const putOffMeetings = (workspace: Workspace, seal: Seal, zone: Zone): Occurrence[] =>
  occurrencesOf(workspace, seal, zone).filter(({ id }) => isPutOff(seal, id));
