import { useState } from 'react';
import { View } from 'react-native';
import { plainZone, type ZoneKind } from '@/core/model/frame';
import { kindsOf, unusedHue, type Brush } from '@/core/frame/kinds';
import { kindNames } from '@/core/frame/looks';
import { useWorkspace } from '@/state/shown';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { closePanel } from '@/ui/panels';
import { readTitle } from '@/ui/readings';
import { Words } from '@/ui/Words';
import { useBrushKey } from './mark';
import { useNamedKinds } from './namedKinds';
import { useFrame } from './useFrame';

const kinds: readonly ZoneKind[] = ['work', 'duty', 'own', 'sleep'];

/** One more kind of time to paint with, by its name. */
export function NewKind() {
  const workspace = useWorkspace();
  const { frame } = useFrame();
  const named = useNamedKinds(({ brushes }) => brushes);
  const [kind, setKind] = useState<ZoneKind>('work');
  const add = (name: string) => {
    const hue = frame && unusedHue(workspace, kindsOf(workspace, frame, named));
    const brush: Brush = { ...plainZone, name, kind, ...(hue ? { hue } : {}) };
    useNamedKinds.setState(({ brushes }) => ({ brushes: [...brushes, brush] }));
    useBrushKey.setState({ key: `${kind} ${name}` });
    closePanel();
  };
  return (
    <View className="gap-4">
      <Choice
        label="It is"
        value={kind}
        onChoose={setKind}
        options={kinds.map((value) => ({ value, name: kindNames[value] }))}
      />
      <Field label="Name" text="" focusFirst read={readTitle} onSave={() => undefined} onEnter={add} />
      <Words size="xs" tone="soft">
        Press Enter to paint with it.
      </Words>
    </View>
  );
}
