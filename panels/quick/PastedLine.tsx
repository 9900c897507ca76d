import { View } from 'react-native';
import type { Chip, Reader } from '@/core/capture/chip';
import type { Pasted, PastedStep } from '@/core/capture/pasted';
import type { QuickLine } from '@/core/capture/quickLine';
import type { Due } from '@/core/model/task';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { IconButton } from '@/ui/Button';
import { Words } from '@/ui/Words';
import { NamedDays } from '../parts/NamedDays';
import { chipWords } from './quickWords';

type Props = {
  item: Pasted;
  line: QuickLine;
  chips: readonly Chip[];
  /** The name of the list that is made for it, if one is. */
  newList: string;
  reader: Reader;
  due: Due | null;
  onDue: (due: Due | null) => void;
  onLeave: () => void;
};

/** A step in words: `Call the lab 30 min (done)`. */
const stepWords = ({ title, done, estimate }: PastedStep): string =>
  [title, estimate === null ? '' : durationWords(estimate), done ? '(done)' : ''].filter(Boolean).join(' ');

/** One task of a pasted text as it is understood, with the days that what is said about it names. */
export function PastedLine({ item, line, chips, newList, reader, due, onDue, onLeave }: Props) {
  const workspace = useWorkspace();
  const { steps, notes } = item;
  const facts = chips.map((chip) => chipWords(chip, line, workspace, reader) || newList);
  return (
    <View role="listitem" className="min-h-[44px] flex-row items-center gap-2 border-b border-line">
      <View className="flex-1 gap-0.5 py-1.5">
        <Words tone={line.title === '' ? 'brick' : 'ink'}>
          {line.title || `“${item.line}” has no title`}
        </Words>
        {facts.length > 0 && (
          <Words size="xs" tone="pine" face="strong">
            {facts.join(' · ')}
          </Words>
        )}
        {line.unread.length > 0 && (
          <Words size="xs" tone="soft">
            Not read: {line.unread.join(', ')}
          </Words>
        )}
        {steps.length > 0 && (
          <Words size="xs" tone="soft">
            {steps.length === 1 ? '1 step' : `${steps.length} steps`}:{' '}
            {steps.slice(0, 4).map(stepWords).join(', ')}
            {steps.length > 4 ? ' …' : ''}
          </Words>
        )}
        {notes !== '' && (
          <>
            <Words size="xs" tone="soft" numberOfLines={3}>
              {notes}
            </Words>
            <NamedDays text={notes} reader={reader} value={due} onChoose={onDue} />
          </>
        )}
      </View>
      <IconButton label={`Leave out: ${item.line}`} icon="close" colour="ink-soft" onPress={onLeave} />
    </View>
  );
}
