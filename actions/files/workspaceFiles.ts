import { mergeCounts, mergeWorkspace, replaceEverything } from '@/core/commands/merging';
import { fileOfPartitions } from '@/core/formats/partitionsFile';
import { writeWorkspaceFile } from '@/core/formats/workspaceFile';
import { dateOf } from '@/core/time/zone';
import { errorLines } from '@/state/errorLog';
import { here } from '@/state/here';
import { session } from '@/state/session';
import { storageWords } from '@/state/storageWords';
import { currentWorkspace, store } from '@/state/workspaceStore';
import { ask } from '@/ui/panels';
import { readWorkspaceFile } from '@/workers/fileReader';
import { download } from './download';
import { watched } from './reading';

/** Hands the whole workspace to the person as one JSON file; what could not be opened, as it lies on the disk. */
export async function exportWorkspace(): Promise<void> {
  const text = await everything();
  if (text === undefined) return;
  const name = `sprindle-${session.space}-${today()}.json`;
  download(name, text, 'application/json');
  store.say(`Exported as ${name}`);
}

async function everything(): Promise<string | undefined> {
  await store.whole();
  if (!store.isReadOnly()) return writeWorkspaceFile(currentWorkspace());
  try {
    return fileOfPartitions(await store.onDisk());
  } catch (error) {
    store.say(`Nothing can be exported: the browser’s storage ${storageWords(error)}.`, 'problem');
    return undefined;
  }
}

function today() {
  const { zone, now } = here();
  return dateOf(now, zone);
}

/** Reads a workspace file and shows what is in it; nothing changes before the person has said so. */
export async function openWorkspaceFile(file: File): Promise<void> {
  const text = await file.text();
  await store.whole();
  const found = await watched(file, (options) => readWorkspaceFile(text, options));
  if (!found) return;
  const { workspace, problems } = found;
  const answer = await ask({ kind: 'workspaceFile', name: file.name, workspace, problems });
  if (answer === 'replace') {
    store.run(replaceEverything, workspace, 'Everything was replaced by the file');
    await store.noteImport(file.name);
  }
  if (answer !== 'merge') return;
  const { added, taken, kept, same, gone } = mergeCounts(currentWorkspace(), workspace);
  const words = `Merged: ${added} new, ${taken} taken from the file, ${kept} kept as here, ${same} the same${gone > 0 ? `, ${gone} deleted as in the file` : ''}`;
  store.run(mergeWorkspace, workspace, words);
  await store.noteImport(file.name);
}

/** Hands the errors of late to the person as a file. */
export function saveErrors(): void {
  const name = `sprindle-errors-${today()}.json`;
  download(name, JSON.stringify(errorLines(), null, 1), 'application/json');
  store.say(`Saved as ${name}`);
}

/** Hands what was found damaged in storage to the person, as it stood there. */
export async function saveDamagedParts(): Promise<void> {
  const name = `sprindle-damaged-${today()}.json`;
  download(name, await store.damagedFile(), 'application/json');
  store.say(`Saved as ${name}`);
}
