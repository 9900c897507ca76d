import '@/ui/sharedParts';
import '../global.css';
import { watchClock } from '@/actions/watch';
import { defaultSettings } from '@/core/model/settings';
import { emptyWorkspace } from '@/core/model/workspace';
import { registerFramePanels } from '@/features/frame/panels';
import { registerPlanPanels } from '@/features/plan/panels';
import { registerReviewPanels } from '@/features/review/panels';
import { registerSettingsPanels } from '@/features/settings/panels';
import { registerShellPanels } from '@/features/shell/panels';
import { Failed } from '@/features/shell/Failed';
import { Screens } from '@/features/shell/Screens';
import { Shell } from '@/features/shell/Shell';
import { keepOffline } from '@/features/shell/updates';
import { registerSharedPanels } from '@/panels/all';
import { logError, watchErrors } from '@/state/errorLog';
import { here } from '@/state/here';
import { localeSettings } from '@/state/locale';
import { neededFor } from '@/state/needed';
import { session } from '@/state/session';
import { WorkspaceProvider } from '@/state/shown';
import { store } from '@/state/workspaceStore';
import { Boundary, registerFailed } from '@/ui/Boundary';
import { afterFirstDrawn } from '@/ui/firstDrawn';
import { loadWhenIdle } from '@/ui/later';
import { watchTyped } from '@/ui/typedAhead';

// asked for before it is known whether the demo is there already: it is small, and the first day waits for it
const demo = session.space === 'demo' ? import('@/demo/generate') : undefined;
const makeDemo = async () => (await demo)?.demoWorkspace({ seed: 7, ...here() }) ?? begin();

const begin = async () => ({
  ...emptyWorkspace,
  settings: { ...defaultSettings, ...localeSettings() },
});

watchErrors();
watchTyped();
registerFailed(Failed, logError);
registerSharedPanels();
registerFramePanels();
registerPlanPanels();
registerReviewPanels();
registerSettingsPanels();
registerShellPanels();

/** The days that the address asks for, beside the present one (epoch ms). */
const asked = () => {
  const at = Date.parse(new URLSearchParams(location.search).get('day') ?? '');
  return Number.isNaN(at) ? [] : [at];
};
const needed = neededFor(session.now(), asked());

void store.open(session.space === 'demo' ? makeDemo : begin, needed).then(watchClock);
// what is fetched for later would take the time of what is drawn first
afterFirstDrawn(() => {
  loadWhenIdle();
  keepOffline();
});

export default function Layout() {
  return (
    <Boundary what="Sprindle" isPlace>
      <WorkspaceProvider>
        <Shell>
          <Screens />
        </Shell>
      </WorkspaceProvider>
    </Boundary>
  );
}
