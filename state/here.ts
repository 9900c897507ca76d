import { create } from 'zustand';
import { isZone, type Zone } from '@/core/time/zone';
import { session } from './session';

const TRAVEL = 'sprindle.travel';

function remembered(): Zone | undefined {
  try {
    const zone = localStorage.getItem(TRAVEL);
    return zone && isZone(zone) ? zone : undefined;
  } catch {
    return undefined;
  }
}

/** The zone that everything is shown in: of where the person is, or travels to in thought. */
export const useTravel = create<{ readonly zone: Zone }>(() => ({ zone: remembered() ?? session.home }));

/** Where and when it is, for what a person does; what is drawn asks useMoment. */
export const here = (): { readonly zone: Zone; readonly now: number } => ({
  zone: useTravel.getState().zone,
  now: session.now(),
});

/** Shows everything in another zone from now on, or at home again (null); this device remembers it. */
export function travelTo(zone: Zone | null): void {
  useTravel.setState({ zone: zone ?? session.home });
  try {
    if (zone === null) localStorage.removeItem(TRAVEL);
    else localStorage.setItem(TRAVEL, zone);
  } catch {
    // storage is switched off: it lasts as long as the page
  }
}
