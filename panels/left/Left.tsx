import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useHeldHere } from '@/board/left/useHeldHere';
import { Targets } from '@/board/left/Targets';
import { WhatIsLeft } from '@/board/left/WhatIsLeft';
import { useWorkspace } from '@/state/shown';
import { Button } from '@/ui/Button';
import { closePanel, type Panel, type Panels } from '@/ui/panels';

/** What is left of the hours of a week, as its frame leaves it, or as another would. */
function Left({ week, frameId = '' }: Panels['left']) {
  const router = useRouter();
  const { frames } = useWorkspace();
  const held = useHeldHere(frames.get(frameId), week);
  return (
    <View className="gap-4">
      <WhatIsLeft workspace={held} week={week} />
      <Targets week={week} />
      {frameId === '' && (
        <View className="flex-row">
          <Button
            label="Frame of the week…"
            icon="frame"
            onPress={() => {
              closePanel();
              router.navigate('/frame');
            }}
          />
        </View>
      )}
    </View>
  );
}

declare module '@/ui/panels' {
  interface Panels {
    /** What is left of a week, given by any of its days; with a frame, as if that held. */
    left: { readonly week: string; readonly frameId?: string };
  }
}

export const left: Panel<Panels['left']> = { useTitle: () => 'The week', Content: Left };
