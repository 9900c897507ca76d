import { applyChanges, differing, keyOf, withFieldsOf, type Change } from '@/core/commands/changes';
import type { AnyRecord } from '@/core/model/records';
import type { Workspace } from '@/core/model/workspace';

/** When a change was made (epoch ms, never earlier than what its tab had heard of), and in which tab. */
export type Stamp = { readonly at: number; readonly tab: string };

/** Changes that were made at once, with their stamp. */
export type Told = { readonly stamp: Stamp; readonly changes: readonly Change[] };

/** How long a tab remembers what it told and heard, for one that opens; epoch ms. */
const RECENT = 30_000;

const isLater = (one: Stamp, other: Stamp | undefined): boolean =>
  !other || one.at > other.at || (one.at === other.at && one.tab > other.tab);

/**
 * The one order of changes that all tabs of a space agree on, however their messages are late, crossed or doubled: of
 * each field, and of whether a record is there at all, the change with the later stamp holds. The stamps are hybrid
 * logical clocks (Kulkarni et al., "Logical Physical Clocks", 2014): what a tab does after it heard of a change is later
 * than that change, whatever the clock says.
 */
export function agreement(tab: string, now: () => number) {
  const stamps = new Map<string, Stamp>();
  /** Records that are deleted, as they last were: a change that turns out to be later brings them back. */
  const buried = new Map<string, AnyRecord>();
  let latest = 0;
  let recent: readonly Told[] = [];

  const remember = (told: Told) => {
    latest = Math.max(latest, told.stamp.at);
    recent = [...recent.filter(({ stamp }) => latest - stamp.at < RECENT), told];
  };

  /** Whether a stamp is the latest of this name so far; it is from then on. */
  const claims = (name: string, stamp: Stamp): boolean => {
    if (!isLater(stamp, stamps.get(name))) return false;
    stamps.set(name, stamp);
    return true;
  };
  const claimsField = (key: string, field: string, stamp: Stamp): boolean =>
    isLater(stamp, stamps.get(`${key} whole`)) && claims(`${key}.${field}`, stamp);

  /** A record, or the settings, with those fields of a change that nobody has changed later. */
  function fieldsTaken<R extends object>(
    key: string,
    current: R,
    before: object | null,
    after: R,
    stamp: Stamp,
  ): R {
    const changed = differing(before ?? current, after);
    return withFieldsOf(
      current,
      after,
      changed.filter((field) => claimsField(key, field, stamp)),
    );
  }

  /** What a record is after a change of another tab; null when it is not there. */
  function recordAfter(
    workspace: Workspace,
    change: Extract<Change, { id: string }>,
    stamp: Stamp,
  ): AnyRecord | null {
    const key = keyOf(change);
    const { before, after } = change;
    const here = workspace[change.part].get(change.id) ?? null;
    const known = here ?? buried.get(key) ?? null;
    const isThere = claims(`${key} there`, stamp) ? after !== null : here !== null;
    const next = after && known ? fieldsTaken(key, known, before, after, stamp) : (known ?? after ?? before);
    if (!known && before && after)
      for (const field of differing(before, after)) claimsField(key, field, stamp);
    if (!before) claims(`${key} whole`, stamp);
    if (next && !isThere) buried.set(key, next);
    return isThere ? next : null;
  }

  return {
    /** Stamps changes that are made here. */
    mine(changes: readonly Change[]): Told {
      const told = { stamp: { at: Math.max(now(), latest + 1), tab }, changes };
      for (const change of changes) {
        const key = keyOf(change);
        if ('id' in change) {
          claims(`${key} there`, told.stamp);
          if (!change.before) claims(`${key} whole`, told.stamp);
          else if (!change.after) buried.set(key, change.before);
        }
        if (change.before && change.after)
          for (const field of differing(change.before, change.after)) claims(`${key}.${field}`, told.stamp);
      }
      remember(told);
      return told;
    },

    /** The workspace after what another tab has told. */
    theirs(workspace: Workspace, told: Told): Workspace {
      const { stamp, changes } = told;
      remember(told);
      const outcomes = changes.map((change): Change => {
        if ('id' in change) {
          const after = recordAfter(workspace, change, stamp);
          return { ...change, before: workspace[change.part].get(change.id) ?? null, after };
        }
        const before = workspace[change.part];
        const after = fieldsTaken<object>(change.part, before, change.before, change.after, stamp);
        return { ...change, before, after } as Change; // the settings stay settings, and what is unknown stays that
      });
      return applyChanges(
        workspace,
        outcomes.filter(({ before, after }) => before !== after),
      );
    },

    /** What was told and heard of late, for a tab that opens; never empty, so that it learns how late it is. */
    recent: (): readonly Told[] => [...recent, { stamp: { at: latest, tab }, changes: [] }],
  };
}
