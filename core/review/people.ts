import { isAsked } from '../calendar/attendees';
import { detailsOfOccurrence } from '../calendar/occurrences';
import type { Attendee } from '../model/event';
import type { Workspace } from '../model/workspace';
import { joined, type Known } from '../people/joined';
import type { LedgerRow } from './ledger';

/** Those who were asked to the meeting that a row is about and have not declined. */
function askedTo({ events }: Workspace, { subject }: LedgerRow): readonly Attendee[] {
  const attendees =
    subject.kind === 'event' ? (detailsOfOccurrence(events, subject.occurrence)?.attendees ?? []) : [];
  return attendees.filter(isAsked);
}

/** Who was met in which row. Oneself, known by the addresses `own`, is nobody one meets. */
export function peopleOf(
  workspace: Workspace,
  rows: readonly LedgerRow[],
  own: readonly string[],
): (row: LedgerRow) => readonly Known[] {
  const asked = new Map(rows.map((row) => [row, askedTo(workspace, row)]));
  const seen = [...asked.values()].flat().map(({ name, address }) => ({ name, address, times: 1 }));
  const { by } = joined(workspace.persons.values(), seen, own);
  return (row) => [...new Set((asked.get(row) ?? []).flatMap(({ address }) => by(address) ?? []))];
}
