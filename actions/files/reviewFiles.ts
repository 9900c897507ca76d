import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { download } from './download';

const types = { csv: 'text/csv', md: 'text/markdown' } as const;

/** Hands a table to the person as a file that is named by its title. */
export function saveTable(title: string, ending: keyof typeof types, text: string): void {
  const plain = title.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-');
  const name = `sprindle-${session.space}-${plain}.${ending}`;
  download(name, text, types[ending]);
  store.say(`Exported as ${name}`);
}
