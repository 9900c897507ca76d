import { NotAWorkspace, readWorkspaceFile, writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { dateOf } from '@/core/time/zone';
import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { download } from './download';
import { openSheet } from '../sheets';

/** Hands the whole workspace to the person as one JSON file. */
export function exportWorkspace(): void {
  const name = `sprindle-${session.space}-${dateOf(session.now(), session.zone)}.json`;
  download(name, writeWorkspaceFile(store.getState().workspace), 'application/json');
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

/** Hands what was found damaged in storage to the person, as it stood there. */
export async function saveDamagedParts(): Promise<void> {
  const name = `sprindle-damaged-${dateOf(session.now(), session.zone)}.json`;
  download(name, await store.damagedFile(), 'application/json');
  store.say(`Saved as ${name}`);
}
