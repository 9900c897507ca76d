import '../global.css';
import { Slot } from 'expo-router';
import { watchClock } from '@/actions/watch';
import { defaultSettings } from '@/core/model/settings';
import { emptyWorkspace } from '@/core/model/workspace';
import { registerPlanPanels } from '@/features/plan/panels';
import { registerSettingsPanels } from '@/features/settings/panels';
import { registerShellPanels } from '@/features/shell/panels';
import { Failed } from '@/features/shell/Failed';
import { Shell } from '@/features/shell/Shell';
import { keepOffline } from '@/features/shell/updates';
import { registerSharedPanels } from '@/panels/all';
import { logError, watchErrors } from '@/state/errorLog';
import { here } from '@/state/here';
import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { Boundary, registerFailed } from '@/ui/Boundary';
import { loadWhenIdle } from '@/ui/later';

const makeDemo = async () => (await import('@/demo/generate')).demoWorkspace({ seed: 7, ...here() });

const begin = async () => ({ ...emptyWorkspace, settings: { ...defaultSettings, clock: session.clock } });

watchErrors();
registerFailed(Failed, logError);
registerSharedPanels();
registerPlanPanels();
registerSettingsPanels();
registerShellPanels();
keepOffline();
void store.open(session.space === 'demo' ? makeDemo : begin).then(() => {
  watchClock();
  loadWhenIdle();
});

export default function Layout() {
  return (
    <Boundary what="Sprindle" isPlace>
      <Shell>
        <Slot />
      </Shell>
    </Boundary>
  );
}
