import { proxy, wrap, type Remote } from 'comlink';
import { nothingYet, slicesBetween } from '@/core/model/slices';
import type { Workspace } from '@/core/model/workspace';
import type { Answer, Input, JobName } from './jobs';
import type { MirrorApi } from './mirror.worker';

type Mirror = {
  readonly api: Remote<MirrorApi>;
  /** The state that it has been given, and the promise of all that is being given. */
  held: Workspace;
  given: Promise<void>;
  /** Those who hear it when the worker fails. */
  readonly failed: Set<(reason: Error) => void>;
};

let mirror: Mirror | undefined;
let asked = 0;

const nothing = (): void => {};

/** The worker, which lives as long as the page; one that failed is left, and the next question starts another. */
function start(): Mirror {
  const worker = new Worker(new URL('./mirror.worker.ts', import.meta.url), { type: 'module' });
  const failed = new Set<(reason: Error) => void>();
  const started = { api: wrap<MirrorApi>(worker), held: nothingYet, given: Promise.resolve(), failed };
  worker.addEventListener('error', ({ message }) => {
    worker.terminate();
    if (mirror === started) mirror = undefined;
    for (const fail of failed) fail(new Error(message));
  });
  return started;
}

/** Lets the page answer a press before the next piece of work. */
const breath = () => new Promise((go) => setTimeout(go));

/** Brings the worker up to a workspace: slice by slice the first time, later what has changed. */
async function give(to: Mirror, workspace: Workspace): Promise<void> {
  for (const slice of slicesBetween(to.held, workspace)) {
    void to.api.take(slice);
    if (to.held === nothingYet) await breath();
  }
  to.held = workspace;
}

type Options = {
  /** Hears which share (0 to 1) has been done. */
  readonly progress?: (share: number) => void;
  /** Says that the answer is not wanted any more. */
  readonly signal?: AbortSignal;
};

/** Asks once; fails when the worker does. */
async function ask<K extends JobName>(
  name: K,
  workspace: Workspace,
  input: Input<K>,
  { progress = nothing, signal }: Options,
): Promise<Answer<K> | undefined> {
  const own = (mirror ??= start());
  const id = (asked += 1);
  // what is asked is sent right after the state that it is asked of
  const sent = own.given.then(async () => {
    await give(own, workspace);
    const run = () => own.api.run(id, name, input, proxy(progress)) as Promise<Answer<K> | undefined>; // of this name
    return { answer: signal?.aborted ? Promise.resolve(undefined) : run() };
  });
  own.given = sent.then(nothing, nothing);
  const stop = () => void own.api.stop(id);
  signal?.addEventListener('abort', stop);
  let fails: (reason: Error) => void = nothing;
  const failed = new Promise<never>((_, fail) => (fails = fail));
  own.failed.add(fails);
  try {
    return await Promise.race([sent.then(({ answer }) => answer), failed]);
  } finally {
    own.failed.delete(fails);
    signal?.removeEventListener('abort', stop);
  }
}

/**
 * Has something worked out of this state of the workspace beside the interface; undefined when it was not wanted any more. A
 * worker that fails is started anew, once.
 */
export async function aside<K extends JobName>(
  name: K,
  workspace: Workspace,
  input: Input<K>,
  options: Options = {},
): Promise<Answer<K> | undefined> {
  const wanted = async () => {
    const answer = await ask(name, workspace, input, options);
    return options.signal?.aborted ? undefined : answer;
  };
  return wanted().catch(wanted);
}
