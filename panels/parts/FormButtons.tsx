import { Button } from '@/ui/Button';
import { Foot } from '@/ui/Foot';
import { closePanel } from '@/ui/panels';

type Props = { label: string; says?: string; onSubmit: () => void; discard: () => void };

/** What a form ends with: it is taken, or discarded; leaving it keeps it as a draft. */
export const FormButtons = ({ label, says = label, onSubmit, discard }: Props) => (
  <Foot>
    <Button label={label} says={says} kind="primary" onPress={onSubmit} />
    <Button
      label="Discard"
      onPress={() => {
        discard();
        closePanel();
      }}
    />
  </Foot>
);
