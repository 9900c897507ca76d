import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { closePanel } from '@/ui/panels';

type Props = { label: string; says?: string; onSubmit: () => void; discard: () => void };

/** What a form ends with: it is taken, or discarded; leaving it keeps it as a draft. */
export const FormButtons = ({ label, says = label, onSubmit, discard }: Props) => (
  <View className="flex-row gap-2">
    <Button label={label} says={says} kind="primary" onPress={onSubmit} />
    <Button
      label="Discard"
      onPress={() => {
        discard();
        closePanel();
      }}
    />
  </View>
);
