import { View } from 'react-native';
import { clockWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { store, useStore } from '@/state/workspaceStore';
import { Button } from '@/ui/Button';
import { useMoment } from '@/ui/clock';
import { closePanel } from '@/ui/panels';
import { Words } from '@/ui/Words';

/** What was said lately in notices, the latest first, with what each of them still offers. */
export function Said() {
  const said = useStore((state) => state.said);
  const past = useStore((state) => state.past);
  const { zone } = useMoment();
  const { clock } = useWorkspace().settings;
  if (said.length === 0) return <Words tone="soft">Nothing has been said since this page was opened.</Words>;
  return (
    <View role="list" className="gap-2">
      {said.toReversed().map(({ id, at, text, tone, step, offer }) => (
        <View key={id} role="listitem" className="gap-1 border-t border-line pt-2">
          <View className="flex-row items-baseline gap-3">
            <Words size="xs" face="mono" tone="soft">
              {clockWords(at, zone, clock)}
            </Words>
            <View className="flex-1">
              <Words tone={tone === 'problem' ? 'brick' : 'ink'}>{text}</Words>
            </View>
          </View>
          <View className="flex-row flex-wrap">
            {offer && (
              <Button
                label={offer.label}
                kind="quiet"
                onPress={() => {
                  closePanel();
                  offer.press();
                }}
              />
            )}
            {step && past.includes(step) && (
              <Button
                label="Undo"
                says={`Undo ${step.label}: ${text}`}
                kind="quiet"
                onPress={() => store.undo(step)}
              />
            )}
          </View>
        </View>
      ))}
    </View>
  );
}
