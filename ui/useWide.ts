import { useWindowDimensions } from 'react-native';
import { forText } from './textScale';

/** Whether a line of text holds only a few words. */
export const useIsNarrow = (): boolean => useWindowDimensions().width < forText(380);

/** Whether the screen is wide enough for a rail and panes; large text needs more. */
export const useWide = (): boolean => useWindowDimensions().width >= forText(1024);
