import { useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import type { Frame } from '@/core/model/frame';
import { openPanel } from '@/ui/panels';

/** Opens the zone that the address names (`?zone=…`), once for each address. */
export function useAskedZone(frame: Frame | undefined): void {
  const { zone } = useLocalSearchParams<{ zone?: string }>();
  const frameId = frame?.id;
  const isThere = frame?.zones.some(({ id }) => id === zone) ?? false;
  useEffect(() => {
    if (zone && frameId && isThere) openPanel({ kind: 'zone', frameId, zoneId: zone });
  }, [zone, frameId, isThere]);
}
