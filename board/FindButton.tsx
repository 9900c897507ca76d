import { Button, IconButton } from '@/ui/Button';
import { openPanel } from '@/ui/panels';

/** Looks for anything by its words. */
export const FindButton = ({ inWords = false }: { inWords?: boolean }) => {
  const find = () => openPanel({ kind: 'find' });
  return inWords ? (
    <Button label="Find" kind="quiet" onPress={find} />
  ) : (
    <IconButton label="Find" icon="find" colour="ink-soft" onPress={find} />
  );
};
