import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';
import { useDay } from '@/ui/useDay';

const opening = later(() => import('@/features/opening/OpeningScreen'));

export default place('Opening', () => {
  const { OpeningScreen } = useLater(opening);
  const { date } = useDay();
  return <OpeningScreen key={date} date={date} />;
});
