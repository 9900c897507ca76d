import { asLine, durationWords, distanceWords } from '../time/words';
import { MINUTE } from '../time/span';
import type { Ends } from './ends';

/** How finished tasks came out, in a sentence or two; nothing where none was finished. */
export function endsWords({ finished, over, under, late, early }: Ends): string {
  if (finished === 0) return '';
  const said = finished === 1 ? 'One task was finished.' : `${finished} tasks were finished.`;
  const estimates = [
    over.count > 0
      ? `${over.count} took longer than estimated, by ${durationWords(over.minutes)} together`
      : '',
    under.count > 0 ? `${under.count} took less, by ${durationWords(under.minutes)}` : '',
  ].filter(Boolean);
  const far = (minutes: number) => distanceWords(minutes * MINUTE);
  const due = [
    late.count > 0 ? `${late.count} came after the due time, by ${far(late.minutes)} in the middle` : '',
    early.count > 0
      ? `${early.count} ${late.count > 0 ? 'before it' : 'came before the due time'}, by ${far(early.minutes)}`
      : '',
  ].filter(Boolean);
  return [
    said,
    ...[estimates, due].filter((each) => each.length > 0).map((each) => `${asLine(each.join(', '))}.`),
  ].join(' ');
}
