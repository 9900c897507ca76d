import { useLocalSearchParams, useRouter } from 'expo-router';
import { frameOf } from '@/core/frame/holding';
import { weekOf } from '@/core/time/week';
import { useWorkspace } from '@/state/shown';
import { useMoment } from '@/ui/clock';

/** The frame that the address names (`?frame=…`), or the one of the present week, and that week’s first day. */
export function useFrame() {
  const workspace = useWorkspace();
  const { today } = useMoment();
  const router = useRouter();
  const { frame: named } = useLocalSearchParams<{ frame?: string }>();
  const asked = workspace.frames.get(named ?? '');
  return {
    frame: asked && !asked.retired ? asked : frameOf(workspace, today),
    week: weekOf(today, workspace.settings.weekStart),
    onFrame: (id: string) => router.setParams({ frame: id }),
  };
}
