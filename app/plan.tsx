import { useView } from '@/board/days/useView';
import { PlanScreen } from '@/features/plan/PlanScreen';
import { place } from '@/features/shell/place';

export default place('Plan', () => <PlanScreen {...useView()} />);
