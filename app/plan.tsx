import { PlanScreen } from '@/features/plan/PlanScreen';
import { useView } from '@/board/days/useView';

export default function Plan() {
  return <PlanScreen {...useView()} />;
}
