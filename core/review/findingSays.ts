import type { Workspace } from '../model/workspace';
import { durationWords, weekdayNames } from '../time/words';
import type { Finding } from './findings';

const things = (count: number) => (count === 1 ? 'one thing' : `${count} things`);

/** What a finding says, as a sentence with its figures and on how much it rests. */
export function findingSays(finding: Finding, workspace: Workspace): string {
  const category = (id: string | null, without: string) =>
    workspace.categories.get(id ?? '')?.name ?? without;
  switch (finding.kind) {
    case 'kept':
      return `${durationWords(finding.kept)} of the ${durationWords(finding.planned)} planned were done, ${finding.percent} % (${things(finding.on)}).`;
    case 'overran':
      return `${category(finding.category, 'What has no category')} took ${durationWords(finding.minutes)} more than planned (${things(finding.on)}).`;
    case 'ended early':
      return `${category(finding.category, 'What has no category')} took ${durationWords(finding.minutes)} less than planned (${things(finding.on)}).`;
    case 'weekday':
      return `${weekdayNames[finding.weekday - 1]}s overrun most, by ${durationWords(finding.minutes)} each (${finding.on} of them).`;
    case 'not started':
      return `${durationWords(finding.minutes)} of the plan were never begun, most of it ${category(finding.category, 'without a category')} (${things(finding.on)}).`;
    case 'unplanned':
      return `${durationWords(finding.minutes)} went to what nobody had planned, most of it to “${finding.title}” (${things(finding.on)}).`;
    case 'outside':
      return `${durationWords(finding.minutes)} lay outside the hours of work (${things(finding.on)}).`;
  }
}
