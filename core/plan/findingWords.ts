import { asLine, distanceWords, durationWords } from '../time/words';
import { MINUTE } from '../time/span';
import type { Finding, ZoneReason } from './judge';
import type { Snag } from './snags';

/** A finding in words, within a sentence or a list: `ends 30 min after it is due`. */
export function findingWords(finding: Finding): string {
  switch (finding.kind) {
    case 'collides':
      return `collides with ${finding.titles.join(', ')}`;
    case 'late': {
      const { task, minutes, meeting } = finding;
      const after = meeting === null ? 'it is due' : `${meeting} begins, which needs it`;
      const words = `ends ${distanceWords(minutes * MINUTE)} after ${after}`;
      return task ? `${task.title} ${words}` : words;
    }
    case 'tooLate': {
      const { task, due, meeting } = finding;
      const reasons = [due ? 'it is due before' : '', meeting === null ? '' : `${meeting} needs it before`];
      const why = reasons.filter(Boolean).join(', ') || 'it is due as the day begins';
      return task ? `too late for ${task.title}: ${why}` : `too late: ${why}`;
    }
    case 'afterDay':
      return `ends ${durationWords(finding.minutes)} after the working day`;
    case 'inZone':
      return zoneWords(finding);
    case 'tooClose':
      return `no ${durationWords(finding.minutes)} between it and ${finding.title}, which is other work`;
    case 'overGroup':
      return `${durationWords(finding.minutes)} more than fits`;
    case 'overDay':
      return `${durationWords(finding.minutes)} more than the day has room for`;
  }
}

function zoneWords({ zone, why }: { readonly zone: string; readonly why: ZoneReason }): string {
  switch (why) {
    case 'sleep':
      return `in ${zone}: one sleeps then`;
    case 'duty':
      return `in ${zone}, which is an obligation`;
    case 'own':
      return `in ${zone}, which is not for work`;
    case 'otherWork':
      return `in ${zone}, which is for other work`;
    case 'forMeetings':
      return `in ${zone}, which is kept for meetings`;
    case 'guarded':
      return `in ${zone}, which keeps meetings out`;
    case 'low':
      return `in ${zone}, when you are not sharp`;
    case 'buffer':
      return 'in a buffer that is left free for an overrun';
  }
}

/** A finding as a line of its own: `Ends 30 min after it is due`. */
export const findingLine = (finding: Finding): string => asLine(findingWords(finding));

/** What is wrong in the order of a day, in words, within a list: `5 h 30 on end without a break`. */
export const snagWords = (snag: Snag): string =>
  snag.kind === 'noBreak'
    ? `${durationWords(snag.minutes)} on end without a break`
    : `${snag.minutes === 0 ? 'no time' : `only ${durationWords(snag.minutes)}`} for the way from ${snag.from}`;

/** What a card has room to say: the gravest of what is wrong with the task or the group in it, or null. */
export function cardWarning(findings: readonly Finding[]): string | null {
  const finding = findings.find(({ kind }) => kind === 'overGroup' || kind === 'late');
  return finding ? findingWords(finding) : null;
}
