import '../global.css';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { defaultSettings } from '@/core/model/settings';
import { emptyWorkspace } from '@/core/model/workspace';
import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';
import { Shell } from '@/ui/Shell';
import { keepOffline } from '@/ui/updates';

const makeDemo = async () =>
  (await import('@/demo/generate')).demoWorkspace({ seed: 7, now: session.now(), zone: session.zone });

const begin = async () => ({ ...emptyWorkspace, settings: { ...defaultSettings, clock: session.clock } });

keepOffline();
void store.open(session.space === 'demo' ? makeDemo : begin);

export default function Layout() {
  useFonts({
    AtkinsonNext: require('@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
    AtkinsonNextStrong: require('@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
    AtkinsonMono: require('@expo-google-fonts/atkinson-hyperlegible-mono/400Regular/AtkinsonHyperlegibleMono_400Regular.ttf'),
  });
  return (
    <Shell>
      <Slot />
    </Shell>
  );
}
