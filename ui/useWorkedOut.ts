import { useEffect, useMemo, useState } from 'react';
import { atOnce, type Working } from '@/core/working';
import type { Workspace } from '@/core/model/workspace';
import { useWorkspace } from '@/state/shown';
import type { Answer, Input, JobName, Jobs } from '@/workers/jobs';
import { aside } from '@/workers/mirror';

export type WorkedOut<A> = { readonly answer: A } | { readonly share: number };

/**
 * The answer to a question about the workspace: at once by `here`, where that is given, else worked out beside the
 * interface, with the share that is done. What was answered to the same question before (as the clock has gone on since, or
 * something has changed) stands until the new answer is there; `question` tells questions from each other. It is asked of the
 * workspace that is shown, or of another one.
 */
export function useWorkedOut<K extends JobName>(
  name: K,
  question: string,
  input: Input<K>,
  here: Jobs[K] | null = null,
  of?: Workspace,
): WorkedOut<Answer<K>> {
  const shown = useWorkspace();
  const workspace = of ?? shown;
  const [going, setGoing] = useState({ question, share: 0 });
  const [found, setFound] = useState<{ question: string; answer: Answer<K> }>();
  const job = here as ((workspace: Workspace, input: Input<K>) => Working<Answer<K>>) | null; // the job of this name
  const own = useMemo(
    () => (job ? { answer: atOnce(job(workspace, input)) } : null),
    [job, workspace, input],
  );
  const isAside = job === null;
  useEffect(() => {
    if (!isAside) return;
    const stop = new AbortController();
    const progress = (done: number) => setGoing({ question, share: Math.round(50 * done) / 50 });
    void aside(name, workspace, input, { progress, signal: stop.signal }).then((answer) => {
      if (answer !== undefined) setFound({ question, answer });
    });
    return () => stop.abort();
  }, [isAside, name, workspace, question, input]);
  if (own) return own;
  if (found?.question === question) return found;
  return { share: going.question === question ? going.share : 0 };
}
