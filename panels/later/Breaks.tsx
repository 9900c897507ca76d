import { View } from 'react-native';
import { findingLine } from '@/core/plan/findingWords';
import type { Finding } from '@/core/plan/judge';
import { Words } from '@/ui/Words';

/** A day by its name, and what it would mean for each of the tasks. */
export type DayMeaning = { readonly label: string; readonly found: readonly (readonly Finding[])[] };

/** What is wrong with a day for one task, or for how many of several; '' where nothing is. */
function meaningWords(found: DayMeaning['found']): string {
  const [first = []] = found;
  const lines = first.filter(({ kind }) => kind !== 'inZone').map(findingLine);
  if (found.length === 1) return lines.join(' · ');
  const late = found.filter((findings) => findings.some(({ kind }) => kind === 'tooLate')).length;
  return late === 0 ? '' : `Too late for ${late} of ${found.length}`;
}

/** What each of the days offered would break, said before one is chosen; days that break the same share a line. */
export function Breaks({ days }: { days: readonly DayMeaning[] }) {
  const byWords = new Map<string, string[]>();
  for (const { label, found } of days) {
    const words = meaningWords(found);
    if (words !== '') byWords.set(words, [...(byWords.get(words) ?? []), label]);
  }
  if (byWords.size === 0) return null;
  return (
    <View role="list" aria-label="What these days break">
      {[...byWords].map(([words, labels]) => (
        <View key={words} role="listitem">
          <Words size="xs" tone="brick" face="strong">
            {`${labels.join(', ')}: ${words}`}
          </Words>
        </View>
      ))}
    </View>
  );
}
