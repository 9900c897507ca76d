import { useWindowDimensions } from 'react-native';
import { forText } from '@/ui/textScale';

/** From this width on (pixels) the kinds and what is left have room beside the week together. */
const ROOMY = forText(1240);

export const useRoomy = (): boolean => useWindowDimensions().width >= ROOMY;
