import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';

const estimates = later(() => import('@/features/review/estimates/EstimatesScreen'));

export default place('Estimates', () => {
  const { EstimatesScreen } = useLater(estimates);
  return <EstimatesScreen />;
});
