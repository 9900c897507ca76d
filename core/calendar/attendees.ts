import type { Attendee } from '../model/event';

/** Whether somebody may have been there: they have not declined. */
export const isAsked = ({ answer }: Attendee): boolean => answer !== 'no';

/** An address as it is compared: capitals do not matter. */
export const plainAddress = (address: string): string => address.trim().toLowerCase();
