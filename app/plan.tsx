import { PlanScreen } from '@/features/plan/PlanScreen';
import { useView } from '@/ui/useView';

export default function Plan() {
  return <PlanScreen {...useView()} />;
}
