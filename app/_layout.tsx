import '../global.css';
import { useFonts } from 'expo-font';
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

const makeDemo = async () => (await import('@/demo/generate')).demoWorkspace({ seed: 7, ...here() });

const begin = async () => ({ ...emptyWorkspace, settings: { ...defaultSettings, clock: session.clock } });

watchErrors();
registerFailed(Failed, logError);
registerSharedPanels();
registerPlanPanels();
registerSettingsPanels();
registerShellPanels();
keepOffline();
void store.open(session.space === 'demo' ? makeDemo : begin).then(watchClock);

export default function Layout() {
  useFonts({
    AtkinsonNext: require('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
    AtkinsonNextStrong: require('@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
    AtkinsonMono: require('@expo-google-fonts/atkinson-hyperlegible-mono/400Regular/AtkinsonHyperlegibleMono_400Regular.ttf'),
  });
  return (
    <Boundary what="Sprindle" isPlace>
      <Shell>
        <Slot />
      </Shell>
    </Boundary>
  );
}
