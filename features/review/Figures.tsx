import { View } from 'react-native';
import { keptPercent, type LedgerSums } from '@/core/review/ledger';
import { durationWords, signedWords } from '@/core/time/words';
import { Words, type Tone } from '@/ui/Words';

/** The sums of a ledger in large figures. */
export function Figures({ sums }: { sums: LedgerSums }) {
  const kept = keptPercent(sums);
  const figures: [string, string, Tone][] = [
    ['planned', durationWords(sums.planned), 'ink'],
    ['actual', durationWords(sums.actual), 'ink'],
    ['drift', signedWords(sums.drift), sums.drift > 0 ? 'amber' : 'ink'],
    ['of the plan done', kept === null ? '–' : `${kept} %`, 'ink'],
  ];
  return (
    <View className="flex-row flex-wrap justify-between gap-x-5 gap-y-2">
      {figures.map(([name, figure, tone]) => (
        <View key={name} role="group" aria-label={`${name}: ${figure}`}>
          <Words size="xs" tone="soft">
            {name}
          </Words>
          <Words size="lg" face="strong" tone={tone}>
            {figure}
          </Words>
        </View>
      ))}
    </View>
  );
}
