import { useEffect, useState } from 'react';
import { examples } from '@/actions/outside/ask';

type Examples = Awaited<ReturnType<typeof examples>>;

/** What simulated services have to try out, if there are any; null until that is known. */
export function useExamples(): Examples {
  const [found, setFound] = useState<Examples>(null);
  useEffect(() => void examples().then(setFound), []);
  return found;
}
