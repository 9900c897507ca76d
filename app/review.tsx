import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';

const review = later(() => import('@/features/review/ReviewScreen'));

export default place('Review', () => {
  const { ReviewScreen } = useLater(review);
  return <ReviewScreen />;
});
