import { Button } from '@/ui/Button';
import { openPanel, type Panels } from '@/ui/panels';

/** Says what a word of our own means, where it first stands. */
export const TermButton = ({
  term,
  label,
}: {
  term: NonNullable<Panels['terms']['first']>;
  label: string;
}) => <Button label={label} kind="quiet" onPress={() => openPanel({ kind: 'terms', first: term })} />;
