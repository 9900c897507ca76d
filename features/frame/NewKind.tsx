import { useState } from 'react';
import { create } from 'zustand';
import { plainZone, type ZoneKind } from '@/core/model/frame';
import type { Brush } from '@/core/frame/kinds';
import { kindNames } from '@/core/frame/looks';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { readTitle } from '@/ui/readings';
import { useBrushKey } from './mark';

/** Kinds that were named and not painted yet; they last as long as the page. */
export const useNamedKinds = create<{ readonly brushes: readonly Brush[] }>(() => ({ brushes: [] }));

const kinds: readonly ZoneKind[] = ['duty', 'work', 'own', 'sleep'];

/** One more kind of time, by its name. */
export function AddKind() {
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<ZoneKind>('work');
  if (!open) return <Button label="Add a kind…" kind="quiet" icon="add" onPress={() => setOpen(true)} />;
  const add = (name: string) => {
    const brush: Brush = { ...plainZone, name, kind };
    useNamedKinds.setState(({ brushes }) => ({ brushes: [...brushes, brush] }));
    useBrushKey.setState({ key: `${kind} ${name}` });
    setOpen(false);
  };
  return (
    <View className="gap-2">
      <Choice
        label="It is"
        value={kind}
        onChoose={setKind}
        options={kinds.map((value) => ({ value, name: kindNames[value] }))}
      />
      <Field
        label="Name of the kind"
        text=""
        focusFirst
        read={readTitle}
        onSave={() => undefined}
        onEnter={add}
      />
    </View>
  );
}
