import { create } from 'zustand';
import type { IsoDate } from '@/core/time/zone';

/** When a day is likely done, in words, and where that lies on the measure of its load. */
export type EndShown = {
  readonly words: string;
  /** By how many minutes the day's work is more than planned: in half of the cases, and in four of five. */
  readonly half: number;
  readonly likely: number;
};

/** The days that are shown, as far as that is worked out. */
export const useDayEnds = create<ReadonlyMap<IsoDate, EndShown>>(() => new Map());

/** When a day is likely done; undefined where it asks for nothing, or that is not known yet. */
export const useDayEnd = (date: IsoDate): EndShown | undefined => useDayEnds((ends) => ends.get(date));
