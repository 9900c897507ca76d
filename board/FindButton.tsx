import { IconButton } from '@/ui/Button';
import { openPanel } from '@/ui/panels';

/** Looks for anything by its words. */
export const FindButton = () => (
  <IconButton label="Find" icon="find" colour="ink-soft" onPress={() => openPanel({ kind: 'find' })} />
);
