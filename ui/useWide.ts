import { useWindowDimensions } from 'react-native';

/** Whether the screen is wide enough for a rail and panes. */
export const useWide = (): boolean => useWindowDimensions().width >= 1024;
