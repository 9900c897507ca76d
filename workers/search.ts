import { wrap, type Remote } from 'comlink';
import { changesSince } from '@/core/find/documents';
import type { Hit, Searcher } from '@/core/find/searcher';
import type { AnyRecord } from '@/core/model/records';
import type { Workspace } from '@/core/model/workspace';

/** How many documents are handed over at once. */
const HANDED = 2000;

let searcher: Remote<Searcher> | undefined;
const known = new Map<string, AnyRecord>();
let seen: Workspace | undefined;

/**
 * The best things of a workspace for some typed words. The first time makes the index, in a worker that lives as long as the
 * page; later ones tell it what has changed.
 */
export async function search(workspace: Workspace, typed: string, most: number): Promise<readonly Hit[]> {
  searcher ??= wrap<Searcher>(new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' }));
  const { put, gone } = workspace === seen ? { put: [], gone: [] } : changesSince(known, workspace);
  seen = workspace;
  // answered in the order in which they are asked, so nothing has to be waited for
  for (let at = 0; at < put.length || (at === 0 && gone.length > 0); at += HANDED)
    void searcher.update({ put: put.slice(at, at + HANDED), gone: at === 0 ? gone : [] });
  return searcher.search(typed, most);
}
