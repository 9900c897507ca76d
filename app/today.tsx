import { place } from '@/features/shell/place';
import { TodayScreen } from '@/features/today/TodayScreen';

export default place('Today', TodayScreen);
