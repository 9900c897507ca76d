import { create } from 'zustand';
import { useDrag } from '@/board/drag/dragStore';
import { usePreviewed } from '@/board/previewed';
import { layPlan } from '@/core/commands/fit';
import { SPARE, type FitAsked, type Held } from '@/core/fit/asked';
import { EFFORTS } from '@/core/fit/effort';
import type { Proposal, Sitting } from '@/core/fit/proposal';
import { endOfRange, type Range } from '@/core/fit/range';
import { reasonsWords } from '@/core/fit/words';
import type { Id } from '@/core/model/common';
import type { Block } from '@/core/model/plan';
import { blocksAround } from '@/core/fit/wanted';
import { MINUTE } from '@/core/time/span';
import { dateWords } from '@/core/time/words';
import { dateOf } from '@/core/time/zone';
import { here } from '@/state/here';
import { newId, realWorkspace, store } from '@/state/workspaceStore';
import { aside } from '@/workers/mirror';

/** What one asks for. */
export type Request = {
  readonly range: Range;
  /** The tasks; null for all that is open. */
  readonly tasks: readonly Id[] | null;
  /** The share of each day that is left free, in hundredths. */
  readonly spare: number;
  /** Whether what stands may move. */
  readonly mends: boolean;
};

type Fitting = {
  readonly request: Request;
  readonly proposal: Proposal | null;
  /** Which share of the work is done; null while nothing is worked out. */
  readonly share: number | null;
  /** The sittings that were proposed, by the ids of their blocks. */
  readonly proposed: ReadonlyMap<Id, Sitting>;
  /** Tasks that one has taken off, and that are left out. */
  readonly out: readonly Id[];
};

const usual: Request = { range: 'week', tasks: null, spare: 100 * SPARE, mends: false };

export const useFitting = create<Fitting>(() => ({
  request: usual,
  proposal: null,
  share: null,
  proposed: new Map(),
  out: [],
}));

let stop: AbortController | undefined;
/** The ids of the blocks that are proposed, by task and by which of its sittings it is, so that a better plan moves the same blocks. */
const ids = new Map<string, Id>();

const idOf = (taskId: Id, which: number): Id => {
  const key = `${which} ${taskId}`;
  const id = ids.get(key) ?? newId();
  ids.set(key, id);
  return id;
};

const askedOf = (request: Request, held: readonly Held[], out: readonly Id[]): FitAsked => {
  const { zone } = here();
  const now = Math.ceil(here().now / MINUTE) * MINUTE;
  const until = endOfRange(realWorkspace(), request.range, zone, now);
  return { ...request, spare: request.spare / 100, zone, now, until, held, out };
};

/** Progress is told in so many steps, so that what is drawn comes between them. */
const TOLD = 20;

/** How often it begins anew because something has changed meanwhile. */
const MOST_CHANGES = 5;

/** Proposes a plan: a first one at once, then better ones while nothing of it is changed by hand. */
export async function propose(
  request: Request,
  held: readonly Block[] = [],
  out: readonly Id[] = [],
): Promise<void> {
  if (store.getState().trial?.kind === 'whatIf')
    return store.say('Keep or drop what you try in “What if” first.', 'problem');
  stop?.abort();
  stop = new AbortController();
  const { signal } = stop;
  useFitting.setState({ request, out, share: 0 });
  let changes = 0;
  for (let effort = 0; effort < EFFORTS; effort += 1) {
    const workspace = realWorkspace();
    const asked = askedOf(request, held, out);
    const progress = (done: number) => {
      const share = Math.round((TOLD * (effort + done)) / EFFORTS) / TOLD;
      // what is told of an effort may come after its answer
      const isOld = signal.aborted || share <= (useFitting.getState().share ?? 1);
      if (!isOld) useFitting.setState({ share });
    };
    const found = await aside('fit', workspace, { asked, effort }, { signal, progress });
    if (!found || signal.aborted) return;
    if (realWorkspace() !== workspace && (changes += 1) <= MOST_CHANGES) {
      // it was worked out of what is no longer so
      effort = -1;
      useFitting.setState({ share: 0 });
      continue;
    }
    if (effort > 0 && isChanged()) break;
    show(found, asked, held);
  }
  useFitting.setState({ share: null });
}

/** Whether something of the proposal was changed by hand, or is in hand. */
const isChanged = () => useDrag.getState().dragged !== null || (store.getState().trial?.past.length ?? 0) > 1;

function show(proposal: Proposal, asked: FitAsked, held: readonly Block[]): void {
  const workspace = realWorkspace();
  const { move } = blocksAround(workspace, asked);
  const proposed = new Map<Id, Sitting>();
  const count = new Map<Id, number>();
  const free = new Map(move.map((block) => [block.id, block]));
  const blocks = proposal.sittings.map((sitting): Block => {
    const { taskId, holds, start, minutes } = sitting;
    const which = count.get(taskId) ?? 0;
    count.set(taskId, which + 1);
    const stood = [...free.values()].filter((block) => block.taskId === taskId);
    const own = stood.find((block) => block.start === start) ?? stood[0];
    if (own) free.delete(own.id);
    const id = own?.id ?? idOf(taskId, which);
    if (own?.start !== start || own.minutes !== minutes) proposed.set(id, sitting);
    return { ...own, id, taskId, start, minutes, ...(holds.length === 0 ? {} : { holds: [...holds] }) };
  });
  const { zone, now } = asked;
  store.tryOut(`A plan until ${dateWords(dateOf(asked.until - 1, zone), workspace.settings)}`);
  store.run(layPlan, { blocks: [...blocks, ...held], off: [...free.keys()], from: dateOf(now, zone) });
  const why = new Map(
    [...proposed].map(([id, sitting]) => [id, reasonsWords(sitting, { workspace, zone, now })]),
  );
  for (const { id } of held) why.set(id, 'as you put it');
  usePreviewed.setState({ why });
  useFitting.setState({ proposal, proposed });
}

/** The blocks on trial that are as one has put them oneself: moved, made longer, pinned, or placed by hand. */
function heldNow(): Block[] {
  const { trial, workspace } = store.getState();
  const { proposed } = useFitting.getState();
  if (!trial) return [];
  return trial.workspace.blocks.values().filter((block) => {
    const { id, start, minutes, pinned } = block;
    if (workspace.blocks.get(id) === block) return false;
    const sitting = proposed.get(id);
    return !sitting || pinned === true || sitting.start !== start || sitting.minutes !== minutes;
  });
}

/** The tasks of which nothing is left of what was proposed. */
function takenOff(): Id[] {
  const { trial } = store.getState();
  const { proposed } = useFitting.getState();
  const there = new Set(trial?.workspace.blocks.values().flatMap(({ taskId }) => taskId));
  return [...proposed.values()].flatMap(({ taskId, holds }) => (there.has(taskId) ? [] : [taskId, ...holds]));
}

/** Fits the rest once more around what was put somewhere by hand. */
export function again(): Promise<void> {
  const { request, out } = useFitting.getState();
  const held = heldNow();
  const grouped = held.flatMap(({ holds = [] }) => holds);
  return propose(request, held, [...new Set([...out, ...takenOff(), ...grouped])]);
}

/** Keeps the best plan so far. */
export function stopLooking(): void {
  stop?.abort();
  useFitting.setState({ share: null });
}

function over(): void {
  stopLooking();
  ids.clear();
  usePreviewed.setState({ why: new Map() });
  useFitting.setState({ proposal: null, proposed: new Map(), out: [] });
}

const placedWords = (count: number) => (count === 1 ? 'One block placed' : `${count} blocks placed`);

/** Lets all of the plan count. */
export function acceptAll(): void {
  const { proposed } = useFitting.getState();
  stopLooking();
  store.accept('accept the plan', placedWords(proposed.size));
  over();
}

/** Lets some blocks count; the rest stays proposed. */
export function acceptSome(some: readonly Id[]): void {
  stopLooking();
  store.accept('accept a part of the plan', placedWords(some.length), some);
  const { proposed } = useFitting.getState();
  const { why } = usePreviewed.getState();
  const isLeft = ([id]: readonly [Id, unknown]) => !some.includes(id);
  const left = new Map([...proposed].filter(isLeft));
  usePreviewed.setState({ why: new Map([...why].filter(isLeft)) });
  useFitting.setState({ proposed: left });
  if (left.size === 0) leave();
}

/** Lets go of the plan. */
export function leave(): void {
  store.leaveTrial();
  over();
}
