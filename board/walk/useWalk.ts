import { useState } from 'react';
import * as z from '@/core/zod';
import { kept } from '@/state/kept';
import { session } from '@/state/session';

/** Where one is in a walk, what it has asked about, and what one has left as it is; of one day. */
const Walked = z.object({
  date: z.string(),
  at: z.string(),
  asked: z.array(z.string()),
  left: z.array(z.string()),
});
type Walked = z.infer<typeof Walked>;

const memoryOf = (name: string) => kept(`sprindle.${session.space}.${name}`);

function recalled(name: string, date: string, first: string): Walked {
  const begun = { date, at: first, asked: [], left: [] };
  try {
    const walked = Walked.safeParse(JSON.parse(memoryOf(name).get() ?? 'null'));
    return walked.success && walked.data.date === date ? walked.data : begun;
  } catch {
    return begun;
  }
}

/** Forgets where one was: the walk is over. */
export const endWalk = (name: string): void => memoryOf(name).forget();

/** Steps that are gone through one by one, left at any of them and taken up again there, after a reload, too; or begun `from` one of them. */
export function useWalk<Step extends string>(
  name: string,
  date: string,
  steps: readonly (Step | 'end')[],
  from?: string,
) {
  const [first = 'end'] = steps;
  const [walked, setWalked] = useState(() => {
    const before = recalled(name, date, first);
    return from === undefined ? before : { ...before, at: from };
  });
  const change = (changes: Partial<Walked>) =>
    setWalked((before) => {
      const after = { ...(before.date === date ? before : recalled(name, date, first)), ...changes };
      memoryOf(name).set(JSON.stringify(after));
      return after;
    });
  const at = steps.find((step) => step === walked.at) ?? first;
  return {
    at,
    asked: walked.asked,
    left: walked.left,
    go: (to: Step | 'end') => change({ at: to }),
    ask: (id: string) => {
      if (!walked.asked.includes(id)) change({ asked: [...walked.asked, id] });
    },
    leave: (id: string) => change({ at, left: [...walked.left, id] }),
  };
}
