import { groupedBy } from '../model/collection';
import type { Intention } from '../model/plan';
import type { Workspace } from '../model/workspace';
import { datesFrom, type IsoDate } from '../time/zone';
import { weekOf } from '../time/week';

const byDate = groupedBy<Intention>(({ date }) => date);
const inOrder = (intentions: readonly Intention[]) => [...intentions].sort((a, b) => a.rank - b.rank);

/** What a day is meant for. */
export const intentionsOfDay = ({ intentions }: Workspace, date: IsoDate): Intention[] =>
  inOrder(byDate(intentions, date).filter(({ span }) => span === 'day'));

/** What the week of a day is meant for, whichever of its days it was noted on. */
export function intentionsOfWeek({ intentions, settings }: Workspace, date: IsoDate): Intention[] {
  const first = weekOf(date, settings.weekStart);
  const days = datesFrom(first, 7).map((day) => byDate(intentions, day));
  return inOrder(days.flat().filter(({ span }) => span === 'week'));
}
