import { View } from 'react-native';
import { chanceWords, dueAtWords } from '@/core/forecast/promiseWords';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Subheading, Words } from '@/ui/Words';
import { QUARTER, useSince } from '@/ui/useSince';

/** One is told in brick below this, in hundredths. */
const UNSURE = 80;

/** How sure each deadline ahead is, by what such work really took. */
export function Chances() {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  const asked = useSince(QUARTER);
  const found = useWorkedOut('chances', zone, asked);
  if (!('answer' in found)) return <Words aria-busy>Playing it through…</Words>;
  const told = { workspace, zone, now };
  if (found.answer.length === 0) return null;
  return (
    <View className="gap-1">
      <Subheading>How sure each deadline is</Subheading>
      {found.answer.map((one) => (
        <View key={one.at} className="border-b border-line py-1.5">
          <Words>{dueAtWords(one, told)}</Words>
          <Words
            size="xs"
            tone={one.chance < UNSURE ? 'brick' : 'soft'}
            face={one.chance < UNSURE ? 'strong' : 'text'}
          >
            {chanceWords(one)}
          </Words>
        </View>
      ))}
      <Words size="xs" tone="soft">
        Played through 1,000 times, with what such work really took: see Estimates.
      </Words>
    </View>
  );
}
