import { later, useLater } from '@/ui/later';
import { place } from '@/features/shell/place';

const frame = later(() => import('@/features/frame/FrameScreen'));

export default place('Frame', () => {
  const { FrameScreen } = useLater(frame);
  return <FrameScreen />;
});
