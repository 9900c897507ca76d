import { useLocalSearchParams } from 'expo-router';
import { place } from '@/features/shell/place';
import { later, useLater } from '@/ui/later';
import { useDay } from '@/ui/useDay';

const close = later(() => import('@/features/close/CloseScreen'));

export default place('Close the day', () => {
  const { CloseScreen } = useLater(close);
  const { date } = useDay();
  const { step } = useLocalSearchParams<{ step?: string }>();
  return <CloseScreen key={`${date} ${step}`} date={date} from={step} />;
});
