import type { FrameZone } from '../model/frame';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import { intersect, lengthOf, type Span } from '../time/span';
import { dateOf, type IsoDate, type Zone } from '../time/zone';
import { zonesOn, type ZoneOnDay } from './zones';

/** What of a task says where it belongs. */
export type Work = Pick<Task, 'category' | 'listId' | 'energy'>;

/** Whether a zone says what belongs in it; one that does not takes any work. */
const isParticular = ({ category, categories, lists }: FrameZone): boolean =>
  category !== undefined || categories.length + lists.length > 0;

/** Whether a zone of work asks for this very kind of it. */
export const isMeantFor = (zone: FrameZone, { category, listId }: Work): boolean =>
  zone.kind === 'work' &&
  (zone.lists.includes(listId) ||
    (category !== undefined && (zone.category === category || zone.categories.includes(category))));

/** Whether work may stand in a zone without a word: it is meant for it, or takes any. Zones open to meetings are kept for those. */
export const takesWork = (zone: FrameZone, work: Work): boolean =>
  zone.kind === 'work' && (isMeantFor(zone, work) || (!isParticular(zone) && zone.openness !== 'open'));

/** The stretches of a day that lie in zones of which something holds, as that they are meant for a kind of work. */
export const stretchesWhere = (
  workspace: Workspace,
  date: IsoDate,
  zone: Zone,
  holds: (zone: FrameZone) => boolean,
): Span[] => zonesOn(workspace, date, zone).flatMap((one) => (holds(one.zone) ? one.spans : []));

/** The zone that most of a span lies in, if any does. */
export function zoneAround(workspace: Workspace, span: Span, zone: Zone): ZoneOnDay | undefined {
  const shared = ({ spans }: ZoneOnDay) =>
    intersect(spans, [span]).reduce((sum, own) => sum + lengthOf(own), 0);
  return zonesOn(workspace, dateOf(span.from, zone), zone)
    .map((one) => ({ one, minutes: shared(one) }))
    .filter(({ minutes }) => minutes > 0)
    .sort((a, b) => b.minutes - a.minutes)[0]?.one;
}
