import { SettingsScreen } from '@/features/settings/SettingsScreen';
import { here } from '@/state/here';
import { store } from '@/state/workspaceStore';

const startAfresh = async () => {
  const { demoWorkspace } = await import('@/demo/generate');
  store.reset(demoWorkspace({ seed: 7, ...here() }));
};

export default function Settings() {
  return <SettingsScreen onFreshDemo={() => void startAfresh()} />;
}
