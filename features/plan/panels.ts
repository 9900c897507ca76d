import { registerPanels, type Panel, type Panels } from '@/ui/panels';
import { GoToDay } from './GoToDay';
import { Intentions } from './Intentions';
import { Lens } from './Lens';

declare module '@/ui/panels' {
  interface Panels {
    /** What the plan shows, and what gives it its colours. */
    lens: object;
    goToDay: object;
    /** What a day and its week are meant for. */
    intentions: { readonly date: string };
  }
}

const lens: Panel<Panels['lens']> = { useTitle: () => 'What the plan shows', Content: Lens };
const goToDay: Panel<Panels['goToDay']> = { useTitle: () => 'Go to a day', Content: GoToDay };
const intentions: Panel<Panels['intentions']> = { useTitle: () => 'Intentions', Content: Intentions };

export const registerPlanPanels = () => registerPanels({ lens, goToDay, intentions });
