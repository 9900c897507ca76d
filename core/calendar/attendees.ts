import type { Attendee } from '../model/event';
import type { Who } from '../model/request';

/** Whether somebody may have been there: they have not declined. */
export const isAsked = ({ answer }: Attendee): boolean => answer !== 'no';

/** An address as it is compared: capitals do not matter. */
export const plainAddress = (address: string): string => address.trim().toLowerCase();

export const isSameAddress = (one: string, other: string): boolean =>
  plainAddress(one) === plainAddress(other);

/** Whether an address is one of those. */
export const isAmong = (address: string, addresses: readonly string[]): boolean =>
  addresses.some((one) => isSameAddress(one, address));

/** What somebody is called: by their name, else by their address. */
export const nameOf = ({ name, address }: Who): string => name || address;
