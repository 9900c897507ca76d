import { place } from '@/features/shell/place';
import { here } from '@/state/here';
import { store } from '@/state/workspaceStore';
import { later, useLater } from '@/ui/later';

const settings = later(() => import('@/features/settings/SettingsScreen'));

const startAfresh = async () => {
  const { demoWorkspace } = await import('@/demo/generate');
  store.reset(demoWorkspace({ seed: 7, ...here() }));
};

export default place('Settings', () => {
  const { SettingsScreen } = useLater(settings);
  return <SettingsScreen onFreshDemo={() => void startAfresh()} />;
});
