import { Temporal } from 'temporal-polyfill';
import { isZone, type Zone } from '@/core/time/zone';

/**
 * What this tab was opened with: which storage space, which time, which zone. Addresses may carry `?space=demo`, `&now=2026-11-24T11:20:00Z` (not for a person's own space, whose clock no link
 * may move) and `&zone=Europe/London`; the tab remembers them across reloads.
 */
export type Session = {
  readonly space: string;
  /** The zone of where the person is. */
  readonly home: Zone;
  readonly now: () => number;
};

const remembered = (name: string): string | null => {
  try {
    return sessionStorage.getItem(`sprindle.${name}`);
  } catch {
    return null;
  }
};

const remember = (name: string, value: string) => {
  try {
    sessionStorage.setItem(`sprindle.${name}`, value);
  } catch {
    // storage is switched off: the address still says it
  }
};

/** What the address says under a name, or said when this tab was opened. */
export function fromAddress(name: string): string | null {
  const given = new URLSearchParams(location.search).get(name);
  if (given !== null) remember(name, given);
  return given ?? remembered(name);
}

/** Milliseconds to add to the machine's clock; fixed when a tab is first opened with another time. */
function clockOffset(): number {
  const given = new URLSearchParams(location.search).get('now');
  const known = Number(remembered('offset') ?? 0);
  if (given === null || given === remembered('now')) return known;
  const offset = Date.parse(given) - Date.now();
  if (Number.isNaN(offset)) return known;
  remember('now', given);
  remember('offset', String(offset));
  return offset;
}

function readSession(): Session {
  const given = fromAddress('zone');
  const home = given && isZone(given) ? given : Temporal.Now.timeZoneId();
  const named = fromAddress('space') ?? 'own';
  const space = /^[\w-]{1,40}$/.test(named) ? named : 'own';
  const offset = space === 'own' ? 0 : clockOffset();
  return {
    space,
    home,
    now: () => Date.now() + offset,
  };
}

export const session = readSession();

/** Opens the demo office in this tab, to look around in it. */
export function visitDemo(): void {
  remember('visits', 'yes');
  location.assign(addressOfSpace('demo'));
}

/** Whether the demo office is only looked at, on the way from a person's own space. */
export const isVisiting = (): boolean => session.space === 'demo' && remembered('visits') === 'yes';

/** Goes back from the demo office to the person's own space. */
export function endVisit(): void {
  remember('visits', '');
  location.assign(addressOfSpace('own'));
}

/** The address that opens a storage space in this tab. */
export const addressOfSpace = (space: string) => `/?space=${space}`;
