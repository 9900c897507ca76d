import { NotAWorkspace, readWorkspaceFile, writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { openSheet } from '../sheets';

/** Hands the whole workspace to the person as one JSON file. */
export function exportWorkspace(): void {
  const name = `sprindle-${session.space}-${dateOf(session.now(), session.zone)}.json`;
  const address = URL.createObjectURL(
    new Blob([writeWorkspaceFile(store.getState().workspace)], { type: 'application/json' }),
  );
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
  store.say(`Exported as ${name}`);
}

/** Reads a workspace file and shows what is in it; nothing changes before the person has said so. */
export async function openWorkspaceFile(file: File): Promise<void> {
  try {
    openSheet({ kind: 'workspaceFile', name: file.name, workspace: readWorkspaceFile(await file.text()) });
  } catch (error) {
    if (!(error instanceof NotAWorkspace)) throw error;
    store.say(`${file.name}: ${error.message} Nothing was changed.`, 'problem');
  }
}
