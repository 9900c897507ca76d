import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';

const now = later(() => import('@/features/now/NowScreen'));

export default place('Now', () => {
  const { NowScreen } = useLater(now);
  return <NowScreen />;
});
