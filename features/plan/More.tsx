import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { hidesSomething } from '@/core/plan/lens';
import { openBend } from '@/actions/bend';
import { toggleZones } from '@/actions/zones';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { closePanel, openPanel } from '@/ui/panels';
import { useSeal } from './useSeal';

/** What else can be done with the plan on a phone, in words. */
export function More({ date, hasSeal }: { date: string; hasSeal: boolean }) {
  const { settings } = useWorkspace();
  const router = useRouter();
  const seal = useSeal(date);
  const andClose = (act: () => void) => () => {
    closePanel();
    act();
  };
  return (
    <View className="gap-2">
      {hasSeal && seal && <Button label={seal.label} icon="seal" onPress={seal.open} />}
      <Button label="Does it fit?" icon="fits" onPress={() => openPanel({ kind: 'feasible' })} />
      <Button label="Propose a plan…" icon="views" onPress={() => openPanel({ kind: 'fit' })} />
      <Button label="Move the rest of the day…" icon="bend" onPress={() => openBend(date)} />
      <Button label="Day note…" icon="pen" onPress={() => openPanel({ kind: 'dayNote', date })} />
      <Button label="Lay out the day…" icon="frame" onPress={() => openPanel({ kind: 'layDay', date })} />
      <Button label="Go to a day…" icon="jump" onPress={() => openPanel({ kind: 'goToDay' })} />
      <Button
        label={hidesSomething(settings) ? 'What the plan shows, some left out…' : 'What the plan shows…'}
        icon="lens"
        onPress={() => openPanel({ kind: 'lens' })}
      />
      <Button
        label={settings.showZones ? 'Hide the zones of the frame' : 'Show the zones of the frame'}
        icon="frame"
        onPress={andClose(toggleZones)}
      />
      <Button label="Frame of the week…" icon="frame" onPress={andClose(() => router.navigate('/frame'))} />
    </View>
  );
}
