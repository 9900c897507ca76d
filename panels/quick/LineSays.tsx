import type { RefObject } from 'react';
import type { TextInput } from 'react-native';
import { View } from 'react-native';
import { makeMissing } from '@/actions/quick';
import type { Chip } from '@/core/capture/chip';
import type { QuickLine } from '@/core/capture/quickLine';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { elementOf } from '@/ui/dom';
import { Words } from '@/ui/Words';
import { chipWords } from './quickWords';
import { Understood } from './Understood';
import type { TypedLine } from './useLine';

/** What of a line was understood, what was not, and what it names that is not there. `field` is where it is typed. */
export function LineSays({ typed, field }: { typed: TypedLine; field: RefObject<TextInput | null> }) {
  const workspace = useWorkspace();
  const { line, chips, reader } = typed;
  const goOn = () => field.current?.focus();
  return (
    <>
      <Understood
        chips={chips}
        wordsOf={(chip) => chipWords(chip, line, workspace, reader)}
        changes={typed.changes}
        onChange={(changed) => {
          typed.type(changed);
          goOn();
        }}
        onMark={(chip) => mark(field.current, chip)}
        onTakeBack={(chip) => {
          typed.takeBack(chip);
          goOn();
        }}
      />
      {line.unread.length > 0 && (
        <Words tone="soft" aria-live="polite">
          Not read: {line.unread.join(', ')}. It stays in the title.
        </Words>
      )}
      {line.missing && <Missing missing={line.missing} onMade={goOn} />}
    </>
  );
}

/** Marks the words of a chip in the line, to be typed anew. */
function mark(field: TextInput | null, { from, to }: Chip): void {
  const line = elementOf(field);
  if (!(line instanceof HTMLTextAreaElement)) return;
  line.focus();
  line.setSelectionRange(from, to);
}

type MissingProps = { missing: NonNullable<QuickLine['missing']>; onMade: () => void };

/** A list or a category that the line tells and that is not there: it can be made, and is not made silently. */
const Missing = ({ missing, onMade }: MissingProps) => (
  <View className="flex-row flex-wrap items-center gap-2">
    <Words tone="soft">
      There is no {missing.kind} “{missing.name}”.
    </Words>
    <Button
      label="Make it"
      says={`Make it: the ${missing.kind} ${missing.name}`}
      onPress={() => {
        makeMissing(missing);
        onMade();
      }}
    />
  </View>
);
