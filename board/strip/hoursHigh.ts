import { create } from 'zustand';
import { forText } from '@/ui/textScale';

const LEAST = forText(28);
const MOST = forText(160);
const START = forText(68);

/** How high an hour is drawn, in pixels; the same on every strip of the plan. */
export const useHourScale = create<{ pixels: number }>(() => ({ pixels: START }));

/** Makes the hours higher or lower by a factor, within bounds. */
export const scaleHours = (factor: number) =>
  useHourScale.setState(({ pixels }) => ({ pixels: Math.min(MOST, Math.max(LEAST, pixels * factor)) }));

export const canScale = (pixels: number, factor: number): boolean =>
  factor > 1 ? pixels < MOST : pixels > LEAST;
