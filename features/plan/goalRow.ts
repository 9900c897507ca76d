import { forText } from '@/ui/textScale';

/** How high the row of a goal is, in pixels. */
export const ROW = forText(16);
