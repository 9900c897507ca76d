import { collectionNames, type AnyRecord, type CollectionName } from '../model/records';
import type { Workspace } from '../model/workspace';

/** One record of a workspace. */
export type Culprit = { readonly part: CollectionName; readonly record: AnyRecord };

const sameWithout = (workspace: Workspace, gone: readonly Culprit[]): Workspace => {
  const next: Record<string, unknown> = { ...workspace };
  for (const part of collectionNames) {
    const ids = gone.filter((one) => one.part === part).map(({ record }) => record.id);
    next[part] = workspace[part].with([], ids);
  }
  return next as Workspace; // every collection is there, some of their records are not
};

/**
 * The record without which `fails` no longer holds for a workspace, found by halving; undefined when it takes more than
 * one, or none.
 */
export function culpritOf(
  workspace: Workspace,
  fails: (workspace: Workspace) => boolean,
): Culprit | undefined {
  if (!fails(workspace)) return undefined;
  let suspects = collectionNames.flatMap((part) =>
    workspace[part].values().map((record: AnyRecord): Culprit => ({ part, record })),
  );
  while (suspects.length > 1) {
    const half = suspects.slice(0, Math.ceil(suspects.length / 2));
    const helps = !fails(sameWithout(workspace, half));
    suspects = helps ? half : suspects.slice(half.length);
  }
  return fails(sameWithout(workspace, suspects)) ? undefined : suspects[0];
}
