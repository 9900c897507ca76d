import { PlanScreen } from '@/features/plan/PlanScreen';
import { useDay } from '@/ui/useDay';

export default function Plan() {
  return <PlanScreen {...useDay()} />;
}
