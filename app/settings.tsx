import { SettingsScreen } from '@/features/settings/SettingsScreen';
import { session } from '@/state/session';
import { store } from '@/state/workspaceStore';

const startAfresh = async () => {
  const { demoWorkspace } = await import('@/demo/generate');
  store.reset(demoWorkspace({ seed: 7, now: session.now(), zone: session.zone }));
};

export default function Settings() {
  return <SettingsScreen onFreshDemo={() => void startAfresh()} />;
}
