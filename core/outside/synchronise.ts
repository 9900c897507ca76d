import type { Agreed } from '../commands/accounts';
import type { Id } from '../model/common';
import type { Counterpart } from '../model/counterpart';
import type { Task } from '../model/task';
import type { Workspace } from '../model/workspace';
import {
  counterpartId,
  counterpartsIn,
  markOfTask,
  outgoing,
  type Item,
  type Outgoing,
  type Sending,
} from './items';
import type { ReadThing, Thing } from './readThings';
import { settle, type Heard, type Place, type Settled } from './settling';
import { patchedTask } from './trackerTasks';

/** What came of writing: the new version (null if it was not said), another one stood there, or it may not be. */
export type Written =
  | { readonly kind: 'done'; readonly etag: string | null }
  | { readonly kind: 'changed' }
  | { readonly kind: 'refused'; readonly status: number };

/** What has changed there since a token: versions by name. `whole` when it tells all that there is. */
export type Changes = {
  readonly changed: ReadonlyMap<string, string>;
  readonly gone: readonly string[];
  readonly token: string | undefined;
  readonly whole: boolean;
  /** How far that side's clock is ahead of ours, in ms. */
  readonly ahead: number;
};

/** A calendar of an account. What cannot be asked throws; what was asked before that stays true. */
export type Remote = {
  readonly changes: (token: string | undefined) => Promise<Changes>;
  /** What stands under these names, without those under which nothing stands. */
  readonly read: (names: readonly string[]) => Promise<readonly Thing[]>;
  /** Writes over the version `etag`, or where nothing stands (null). */
  readonly write: (name: string, text: string, etag: string | null) => Promise<Written>;
  readonly remove: (name: string, etag: string) => Promise<Written>;
};

/** The workspace, which may change at any time while the other side is asked. */
export type Local = {
  readonly workspace: () => Workspace;
  readonly sending: () => Sending;
  readonly read: (things: readonly Thing[]) => Promise<readonly ReadThing[]>;
  readonly take: (settled: Settled) => void;
  readonly agree: (agreed: Agreed) => void;
};

export type Synchronised = {
  /** Nothing at all stands there, where something did, and that was not said to be right. */
  readonly empty: boolean;
  /** How many events that stand there are gone here, where that is most of them and was not said to be right. */
  readonly missing: number;
  /** What may not be written there: titles, and what HTTP calls it. */
  readonly refused: readonly { readonly title: string; readonly status: number }[];
};

/** So often it is looked again within one go, when something had changed there meanwhile. */
const ROUNDS = 3;
/** So many events may be gone here at once; more, if they are most of them, may be gone by accident. */
const FEW = 5;
/** So many things are read at once, and noted at once. */
const AT_ONCE = 50;

const nameIn = (calendarId: Id, { id }: Counterpart): string => id.slice(calendarId.length + 1);

/** Hears what has changed there; null where all of it is gone at once. */
async function hear(remote: Remote, local: Local, calendarId: Id, evenMany: boolean): Promise<Heard | null> {
  const { changed, gone, token, whole, ahead } = await remote.changes(
    local.workspace().calendars.get(calendarId)?.token,
  );
  const known = new Map(
    counterpartsIn(local.workspace(), calendarId).map((one) => [nameIn(calendarId, one), one]),
  );
  if (whole && changed.size === 0 && known.size > 0 && !evenMany) return null;
  const isKnown = (name: string, etag: string) => {
    const { etag: agreed, theirs } = known.get(name) ?? {};
    return agreed === etag || theirs?.etag === etag;
  };
  const wanted = new Set([
    ...[...changed].filter(([name, etag]) => !isKnown(name, etag)).map(([name]) => name),
    ...[...known].filter(([, { etag, theirs }]) => etag === '' && !theirs).map(([name]) => name),
  ]);
  const missing = whole ? [...known.keys()].filter((name) => !changed.has(name)) : [];
  const names = [...wanted].filter((name) => !gone.includes(name) && !missing.includes(name));
  const things: Thing[] = [];
  for (let at = 0; at < names.length; at += AT_ONCE)
    things.push(...(await remote.read(names.slice(at, at + AT_ONCE))));
  const there = new Set(things.map(({ name }) => name));
  const lost = new Set([...gone, ...missing, ...names.filter((name) => !there.has(name))]);
  return {
    things: things.length > 0 ? await local.read(things) : [],
    // it is asked about already
    gone: [...lost].filter((name) => known.get(name)?.theirs?.etag !== null),
    token,
    ahead,
  };
}

type Sent = Pick<Agreed, 'counterparts' | 'cut' | 'sent'> & {
  readonly refused?: Synchronised['refused'][number];
  /** Something else stood there: it has to be looked at. */
  readonly again?: boolean;
};
const nothing = { counterparts: [], cut: [] };

/** The counterpart of what is being sent, so that it is known again if no answer comes. */
const onItsWay = (calendarId: Id, base: Counterpart | undefined, { kind, of, name, mark }: Item) => ({
  ...(base ?? { id: counterpartId(calendarId, name), calendarId, kind, of, etag: '', mark: '' }),
  sending: mark,
});

/** Sends what an item has become; what it stands on has to be the version that is known. */
async function sendItem(
  remote: Remote,
  local: Local,
  calendarId: Id,
  base: Counterpart | undefined,
  item: Item,
): Promise<Sent> {
  const task = item.kind === 'task' ? local.workspace().tasks.get(item.of) : undefined;
  const mark = task ? markOfTask(task) : item.mark;
  const underWay = onItsWay(calendarId, base, { ...item, mark });
  const { sending: _, ...before } = underWay;
  const name = nameIn(calendarId, before);
  const unknown: Sent = { counterparts: [{ ...underWay, etag: '' }], cut: [], again: true };
  const { zone, now } = local.sending();
  // what of it is not understood here goes out again
  const [stands] = base ? await remote.read([name]) : [];
  if (base && stands?.etag !== before.etag) return unknown;
  const text = task && stands ? patchedTask(stands.text, task, zone, now) : item.text(stands?.text);
  const written = await remote.write(name, text, base ? before.etag : null);
  if (written.kind === 'changed') return unknown;
  if (written.kind === 'refused') {
    const refused = { title: item.title, status: written.status };
    return base
      ? { counterparts: [before], cut: [], refused }
      : { counterparts: [], cut: [before.id], refused };
  }
  const etag = written.etag ?? '';
  return {
    counterparts: [{ ...before, etag, mark }],
    cut: [],
    again: etag === '',
    ...(task && { sent: [{ id: item.of, shared: sharedOf(task) }] }),
  };
}

const sharedOf = ({ title, notes, priority, due, doneAt }: Task) => ({
  ...{ title, notes, priority, due, doneAt },
  done: doneAt !== null,
});

async function sendRemoval(remote: Remote, calendarId: Id, counterpart: Counterpart): Promise<Sent> {
  const written = await remote.remove(nameIn(calendarId, counterpart), counterpart.etag);
  if (written.kind === 'changed')
    return { counterparts: [{ ...counterpart, etag: '' }], cut: [], again: true };
  if (written.kind === 'done') return { counterparts: [], cut: [counterpart.id] };
  return { ...nothing, refused: { title: 'What was deleted here', status: written.status } };
}

/** What is to be sent, and how much of it is kept back: most of all events, which may be gone here by accident. */
function sendable({ workspace, sending }: Local, calendarId: Id, evenMany: boolean) {
  const all = outgoing(workspace(), calendarId, sending());
  const isGone = ({ item, counterpart }: Outgoing) => item === null && counterpart?.kind === 'event';
  const missing = all.filter(isGone).length;
  const known = counterpartsIn(workspace(), calendarId).filter(({ kind }) => kind === 'event').length;
  const keepsBack = !evenMany && missing > FEW && 2 * missing > known;
  return keepsBack ? { all: all.filter((one) => !isGone(one)), missing } : { all, missing: 0 };
}

/** Sends what has changed here, each under the condition that nothing else has come to stand there. */
async function send(remote: Remote, local: Local, calendarId: Id, evenMany: boolean) {
  const done: Sent[] = [];
  let noted = 0;
  const note = () => {
    const fresh = done.slice(noted);
    noted = done.length;
    local.agree({
      calendarId,
      counterparts: fresh.flatMap(({ counterparts }) => counterparts),
      cut: fresh.flatMap(({ cut }) => cut),
      sent: fresh.flatMap(({ sent = [] }) => sent),
    });
  };
  const { all, missing } = sendable(local, calendarId, evenMany);
  const counterparts = all.flatMap(({ counterpart, item }) =>
    item ? [onItsWay(calendarId, counterpart, item)] : [],
  );
  if (counterparts.length > 0) local.agree({ ...nothing, calendarId, counterparts });
  try {
    for (const { counterpart, item } of all) {
      if (item) done.push(await sendItem(remote, local, calendarId, counterpart, item));
      else if (counterpart) done.push(await sendRemoval(remote, calendarId, counterpart));
      if (done.length - noted >= AT_ONCE) note();
    }
  } finally {
    // what went out before something failed is known to have done so
    if (noted < done.length) note();
  }
  const refused = done.flatMap((sent) => sent.refused ?? []);
  return { again: done.some(({ again }) => again), refused, missing };
}

/**
 * Brings a calendar here and one of an account to say the same: takes what has changed there, then sends what has changed here,
 * and looks again where something else had come to stand there meanwhile. Whatever is lost on the way, another go mends: what both
 * sides have is noted only after it was heard. With `evenMany` a side that has lost all or most of it is taken at its word. Throws
 * what `remote` throws.
 */
export async function synchronise(
  remote: Remote,
  local: Local,
  place: Place,
  evenMany = false,
): Promise<Synchronised> {
  let [refused, missing]: [Synchronised['refused'], number] = [[], 0];
  for (let round = 0; round < ROUNDS; round += 1) {
    const heard = await hear(remote, local, place.calendarId, evenMany);
    if (!heard) return { empty: true, missing, refused };
    local.take(settle(local.workspace(), place, heard, local.sending()));
    const sent = await send(remote, local, place.calendarId, evenMany);
    ({ refused, missing } = sent);
    if (!sent.again) break;
  }
  return { empty: false, missing, refused };
}
