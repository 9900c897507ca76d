import { useEffect, useState } from 'react';
import type * as cityModule from '@/core/time/cities';

type Cities = typeof cityModule;
let loaded: Cities | undefined;

/** The cities of the time zones, which are fetched when first asked for; undefined until they are there. */
export function useCities(): Cities | undefined {
  const [cities, setCities] = useState(loaded);
  useEffect(() => {
    if (loaded) return;
    void import('@/core/time/cities').then((found) => {
      loaded = found;
      setCities(found);
    });
  }, []);
  return cities;
}
