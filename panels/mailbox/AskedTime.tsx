import { useMemo } from 'react';
import { earliestWords } from '@/core/forecast/promiseWords';
import { durationWords } from '@/core/time/words';
import { useWorkspace } from '@/state/shown';
import { QUARTER, useSince } from '@/ui/useSince';
import { useWorkedOut } from '@/ui/useWorkedOut';
import { Words } from '@/ui/Words';

/** What a promise is asked about: something of so many minutes that is wanted at no certain time. */
export function useAsked(title: string, minutes: number) {
  const since = useSince(QUARTER);
  const input = useMemo(
    () => ({ request: { title, minutes, by: null, category: null, sittings: null }, ...since }),
    [title, minutes, since],
  );
  return { request: input.request, found: useWorkedOut('promise', JSON.stringify(input.request), input) };
}

/** When something could be done that a message asks for so many minutes for. */
export function AskedTime({ title, minutes }: { title: string; minutes: number }) {
  const workspace = useWorkspace();
  const since = useSince(QUARTER);
  const { found } = useAsked(title, minutes);
  const answer = 'answer' in found ? earliestWords(found.answer, { workspace, ...since }) : 'working it out…';
  return (
    <Words size="xs" aria-live="polite">
      {`It asks for ${durationWords(minutes)}: ${answer}`}
    </Words>
  );
}
