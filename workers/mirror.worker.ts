import { expose } from 'comlink';
import { nothingYet, withSlice, type Slice } from '@/core/model/slices';
import { jobs, type Answer, type Input, type Job, type JobName } from './jobs';

let workspace = nothingYet;
const stopped = new Set<number>();

/** So long (ms) a job goes on before others have their turn. */
const TURN = 12;

/** Lets messages in that have come meanwhile. */
const turn = () =>
  new Promise<void>((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      go();
    };
    port2.postMessage(null);
  });

/** A copy of the workspace beside the interface, and what is worked out of it. */
const mirror = {
  /** Takes what has changed. */
  take(slice: Slice): void {
    workspace = withSlice(workspace, slice);
  },
  /** Works something out of the workspace as it is now; undefined where it was stopped. */
  async run<K extends JobName>(
    id: number,
    name: K,
    input: Input<K>,
    progress: (share: number) => void,
  ): Promise<Answer<K> | undefined> {
    const job = jobs[name] as Job<Input<K>, Answer<K>>; // the job of this name
    const working = job(workspace, input);
    let began = performance.now();
    for (;;) {
      const step = working.next();
      if (step.done) return step.value;
      if (performance.now() - began < TURN) continue;
      progress(step.value);
      await turn();
      began = performance.now();
      if (stopped.delete(id)) return undefined;
    }
  },
  /** What is being worked out is not wanted any more. */
  stop(id: number): void {
    stopped.add(id);
  },
};

export type MirrorApi = typeof mirror;

expose(mirror);
