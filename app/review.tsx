import { ReviewScreen } from '@/features/review/ReviewScreen';
import { useDay } from '@/ui/useDay';

export default function Review() {
  return <ReviewScreen {...useDay()} />;
}
