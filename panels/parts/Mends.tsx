import { View } from 'react-native';
import { mend } from '@/actions/mend';
import { leftWords, mendWords } from '@/core/feasible/mendWords';
import type { Mend } from '@/core/feasible/mends';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { Subheading, Words } from '@/ui/Words';

/** Changes that help, each with the press that makes it; nothing where there is none. */
export function Mends({ name, mends }: { name: string; mends: readonly Mend[] }) {
  const { zone, now } = useMoment();
  const workspace = useWorkspace();
  if (mends.length === 0) return null;
  return (
    <View className="gap-1">
      <Subheading>{name}</Subheading>
      {mends.map((one) => {
        const words = mendWords(one, workspace, zone, now);
        const act = one.change.kind === 'meeting' ? 'Open' : 'Do it';
        return (
          <View key={words} className="min-h-[52px] flex-row items-center gap-2 border-b border-line py-1">
            <View className="flex-1">
              <Words>{words}</Words>
              {one.left > 0 && (
                <Words size="xs" tone="soft">
                  {leftWords(one)}
                </Words>
              )}
            </View>
            <Button label={act} says={`${act}: ${words}`} onPress={() => mend(one.change, words)} />
          </View>
        );
      })}
    </View>
  );
}
