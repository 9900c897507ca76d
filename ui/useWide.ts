import { useWindowDimensions } from 'react-native';
import { forText } from './textScale';

/** Whether the screen is wide enough for a rail and panes; large text needs more. */
export const useWide = (): boolean => useWindowDimensions().width >= forText(1024);
